{{-- Faults of the lot in hand. $defects, $batch --}}
<section class="panel grid gap-1" aria-label="Faults">
    <div class="flex items-center justify-between gap-3">
        <h3>Faults</h3>
        @can('work')
            <a class="btn" href="/batches/{{ $batch->id }}/defects/create">Pin a fault</a>
        @endcan
    </div>
    @forelse ($defects as $defect)
        <p class="flex flex-wrap items-center gap-3 border-t border-line pt-1">
            <x-fault-look :kind="$defect->kind" class="w-14 shrink-0" />
            <span class="grow"><b @class(['wrong' => $defect->isOpen()])>{{ ucfirst($defect->kind->label()) }}</b>
                on {{ $defect->pieces }} of {{ $batch->count }}{{
                    $defect->pin ? ', pin '.$defect->pin->number : '' }}<br>
                <span class="hint">{{ $defect->state() }}{{
                    $defect->cause ? '; from '.$defect->cause->label() : '' }}</span></span>
            <a class="btn {{ $defect->isOpen() ? 'btn-do' : 'btn-quiet' }}" href="/defects/{{ $defect->id }}"
                aria-label="{{ $defect->isOpen() ? 'Decide on' : 'See' }} {{ $defect->kind->label() }}">{{
                    $defect->isOpen() ? 'Decide' : 'See' }}</a>
        </p>
    @empty
        <p class="hint">None is pinned. <a href="/defects">How each looks, and what does it</a></p>
    @endforelse
</section>
