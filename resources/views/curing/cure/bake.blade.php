@use('Aenum\Core\Trade\Station')
<x-layout :title="$bake->oven->name . ' bake'" :at="Station::Cure">
    <x-local />
    <div class="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1 mb-2">
        <h1>{{ $bake->oven->name }}: {{ $bake->pieces() }}</h1>
        <p>{{ $board->storyLine() }}</p>
    </div>
    @if ($bake->isRunning())
        <div hidden hx-get="/bakes/{{ $bake->id }}/board" hx-trigger="every 20s" hx-target="#board-inner"
            hx-select="#board-inner" hx-swap="outerHTML"></div>
    @endif
    <div id="board">
        @include('curing.cure.board')
    </div>
    @if ($bake->isPlanned())
        <div class="mt-4" hx-get="/bakes/{{ $bake->id }}/choices" hx-trigger="load" hx-swap="innerHTML">
            <a href="/bakes/{{ $bake->id }}/choices">Bakes that serve, side by side</a>
        </div>
    @endif
</x-layout>
