@props(['coat', 'batch' => null])
@use('App\Routing\Queries\BatchCoatStatus')
<div class="border-t border-line mt-2 pt-2">
    <p class="flex flex-wrap items-center gap-2"><x-swatch :colour="$coat->powder->colour" />
        <b>{{ ucfirst($coat->role) }}: {{ $coat->powder->name }}</b>{{ $coat->zoneWords() }}
        @if ($batch)
            <span>{{ $u->said(BatchCoatStatus::standing($coat, $batch)->words()) }}</span>
        @endif
    </p>
    @if (! $batch)
        @foreach ($coat->part->lotsThere() as $one)
            <p class="hint">{{ $one->label() === '' ? '' : $one->title().': ' }}{{
                $u->said(BatchCoatStatus::standing($coat, $one)->words()) }}</p>
        @endforeach
    @endif
    @foreach ($coat->inspections as $inspection)
        <p><x-finding :inspection="$inspection" /></p>
    @endforeach
</div>
