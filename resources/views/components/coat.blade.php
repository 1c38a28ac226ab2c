@props(['coat', 'lot' => null])
@use('App\Actions\Lot\CoatOfLot')
<div class="border-t border-line mt-2 pt-2">
    <p class="flex flex-wrap items-center gap-2"><x-swatch :colour="$coat->powder->colour" />
        <b>{{ ucfirst($coat->role) }}: {{ $coat->powder->name }}</b>{{ $coat->zoneWords() }}
        @if ($lot)
            <span>{{ $u->said(CoatOfLot::standing($coat, $lot)->words()) }}</span>
        @endif
    </p>
    @if (! $lot)
        @foreach ($coat->part->lotsThere() as $one)
            <p class="hint">{{ $one->label() === '' ? '' : $one->title().': ' }}{{
                $u->said(CoatOfLot::standing($coat, $one)->words()) }}</p>
        @endforeach
    @endif
    @foreach ($coat->inspections as $inspection)
        <p><x-finding :inspection="$inspection" /></p>
    @endforeach
</div>
