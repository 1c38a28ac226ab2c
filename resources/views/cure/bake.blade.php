@use('Aenum\Core\Route\Station')
@use('App\Support\ShopClock')
<x-layout :title="$bake->oven->name.' bake'" :at="Station::Cure">
    <div class="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1 mb-2">
        <h1>{{ $bake->oven->name }}: {{ $bake->items->map(fn ($i) => $i->count.' × '.$i->coat->part->name)->join(', ') }}</h1>
        <p>{{ match ($bake->status) { 'running' => 'Door shut at '.ShopClock::time($bake->shut_at).' by '.$bake->shutBy->name, 'pulled' => 'In at '.ShopClock::time($bake->shut_at).', pulled at '.ShopClock::time($bake->pulled_at).' by '.$bake->pulledBy->name, default => 'Not in the oven yet' } }}</p>
    </div>
    @if ($bake->isRunning())
        <div hidden hx-get="/bakes/{{ $bake->id }}/board" hx-trigger="every 20s" hx-target="#board-inner" hx-select="#board-inner" hx-swap="outerHTML"></div>
    @endif
    <div id="board">
        @include('cure.board')
    </div>
</x-layout>
