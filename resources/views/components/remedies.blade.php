{{-- The ways past a block, as buttons on the spot; nothing where the rule is not known. --}}
@props(['part', 'rule'])
@use('App\ShopFloor\Commands\Remedies')
@php($known = Remedies::rule($rule))
@if ($known)
    @can('work')
        <div class="flex flex-wrap gap-2" role="group" aria-label="Ways past it">
            @foreach (Remedies::of($part, $known) as $button)
                @if ($button->href === null)
                    <form method="post" action="/parts/{{ $part->id }}/remedies">
                        <x-once />
                        <input type="hidden" name="rule" value="{{ $rule }}">
                        <button class="btn" name="remedy" value="{{ $button->key }}">{{ $button->label }}</button>
                    </form>
                @else
                    <a class="btn btn-quiet" href="{{ $button->href }}">{{ $button->label }}</a>
                @endif
            @endforeach
        </div>
    @endcan
@endif
