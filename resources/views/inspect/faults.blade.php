{{-- Faults of the lot in hand. $faults, $lot --}}
<section class="panel grid gap-1" aria-label="Faults">
    <div class="flex items-center justify-between gap-3">
        <h3>Faults</h3>
        @can('work')
            <a class="btn" href="/lots/{{ $lot->id }}/faults/create">Pin a fault</a>
        @endcan
    </div>
    @forelse ($faults as $fault)
        <p class="flex flex-wrap items-center gap-3 border-t border-line pt-1">
            <x-fault-look :kind="$fault->kind" class="w-14 shrink-0" />
            <span class="grow"><b @class(['wrong' => $fault->isOpen()])>{{ ucfirst($fault->kind->label()) }}</b>
                on {{ $fault->pieces }} of {{ $lot->count }}{{ $fault->pin ? ', pin '.$fault->pin->number : '' }}<br>
                <span class="hint">{{ $fault->state() }}{{
                    $fault->cause ? '; from '.$fault->cause->label() : '' }}</span></span>
            <a class="btn {{ $fault->isOpen() ? 'btn-do' : 'btn-quiet' }}" href="/faults/{{ $fault->id }}"
                aria-label="{{ $fault->isOpen() ? 'Decide on' : 'See' }} {{ $fault->kind->label() }}">{{
                    $fault->isOpen() ? 'Decide' : 'See' }}</a>
        </p>
    @empty
        <p class="hint">None is pinned. <a href="/faults">How each looks, and what does it</a></p>
    @endforelse
</section>
