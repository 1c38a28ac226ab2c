{{-- A lot on the job's page: where it hangs, how far it is, what is next. --}}
@props(['walk', 'alone' => false])
@use('Aenum\Core\Word\Station')
@php($lot = $walk->lot)
<section class="grid gap-2" id="lot-{{ $lot->id }}" aria-label="{{ $lot->title() }}">
    @if (! $lot->isOpen())
        <p class="panel"><b>{{ ucfirst($lot->title()) }}</b>: {{ $lot->fate }}.</p>
    @else
        <div class="panel grid gap-2">
            <h2>{{ $alone ? 'At '.$lot->station->label() : ucfirst($lot->title()).' at '.$lot->station->label() }}</h2>
            <p class="hint">{{ $walk->progress() }} done or not needed.</p>
            @if ($alone)
                <p>{{ $lot->station->work() }}</p>
            @endif
            @if ($lot->station !== Station::Intake)
                <p><a class="btn btn-do" href="/station/{{ $lot->station->value }}?lot={{ $lot->id }}">To the
                        {{ $lot->station->label() }} bench</a></p>
            @endif
        </div>
        @if ($alone || $lot->station === Station::Intake)
            <x-lot-steps :walk="$walk" />
        @endif
    @endif
</section>
