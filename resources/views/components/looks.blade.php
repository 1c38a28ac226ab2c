{{-- What is looked at, one after the other: ticked, or a fault. --}}
@props(['lines', 'batch', 'title' => 'A look, step by step'])
<section class="panel grid gap-1" aria-label="{{ $title }}">
    <h3>{{ $title }}</h3>
    <ul class="grid">
        @foreach ($lines as $line)
            <li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-line py-1">
                <span class="grow basis-52">{{ $line->label() }}{{ $line->pin?->note ? ' ('.$line->pin->note.')' : '' }}
                    @if ($line->isDone())
                        <br><b>looked at</b> <span class="hint">{{ $line->says() }}</span>
                    @endif
                </span>
                @can('work')
                    @if (! $line->isDone())
                        <form method="post" action="/batches/{{ $batch->id }}/inspection-checks"
                            class="flex items-end gap-2">
                            <x-once />
                            <input type="hidden" name="what" value="{{ $line->what->value }}">
                            <input type="hidden" name="pin" value="{{ $line->pin?->id }}">
                            @if ($line->wantsName())
                                <div class="w-36">
                                    <label for="name-{{ $line->key() }}">Who looked</label>
                                    <input id="name-{{ $line->key() }}" name="name" maxlength="120" autocomplete="off">
                                </div>
                            @endif
                            <button class="btn" aria-label="{{ $line->wantsName() ? 'Sign bare' : 'Nothing found' }}: {{
                                $line->label() }}">{{ $line->wantsName() ? 'Sign' : '✓' }}</button>
                        </form>
                    @elseif ($line->looked)
                        <form method="post" action="/inspection-checks/{{ $line->looked->id }}/withdraw">
                            <x-once />
                            <button class="btn btn-quiet !px-3"
                                aria-label="Not looked at: {{ $line->label() }}">↶</button>
                        </form>
                    @endif
                    <a class="btn btn-quiet" href="/batches/{{ $batch->id }}/defects/create?{{ http_build_query([
                        'kind' => $line->what->finds()->value, 'pin' => $line->pin?->id]) }}"
                        aria-label="A fault: {{ $line->label() }}">Fault</a>
                @endcan
            </li>
        @endforeach
    </ul>
    @php($left = collect($lines)->reject(fn ($line) => $line->isDone() || $line->wantsName()))
    @if ($left->count() > 1)
        @can('work')
            <form method="post" action="/batches/{{ $batch->id }}/inspection-checks/all" class="pt-2">
                <x-once />
                <input type="hidden" name="listed" value="{{ $left->map->key()->implode(',') }}">
                <button class="btn">All {{ $left->count() }} looked at: nothing found</button>
            </form>
        @endcan
    @endif
</section>
