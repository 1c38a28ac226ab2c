@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Curing\Queries\LiveLogger')
@use('App\Curing\ViewModels\NextAction')
@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Presentation\Units')
@php($next = NextAction::of($board))
<div class="panel">
    <p class="hint">{{ $next->due ? $next->overWords() : 'Pull in' }}</p>
    <p class="num text-[4.6rem]" data-until="{{ $next->pullAt->getTimestampMs() }}" data-past="pull now">
        {{ ShopClock::time($next->pullAt) }}
    </p>
    <p>
        Pull at <b>{{ ShopClock::hour($next->pullAt) }}</b>,
        {{ $u->temp($next->setpointC) }} on the oven.
    </p>
    @if ($next->band)
        <p class="hint">Between {{ $next->band }}. {{ $board->sureLine() }}</p>
    @endif
    @if ($next->powerIsOff)
        <p class="wrong">The power is off; the pull moves on until it is back.</p>
    @endif
</div>
<div class="verdict">
    <strong>{{ $next->headline }}</strong>
    @foreach ($next->soFar as $line)
        <p>{{ $line }}</p>
    @endforeach
    @if ($next->shouldReadC !== null)
        <p>Metal about {{ $u->temp($next->shouldReadC) }} then; the gun shows about {{ $u->temp($next->shouldShowC)
            }} {{ $next->readsOpen() ? 'with the door open' : 'through the port' }}.</p>
    @endif
    @if ($board->correction->residualsK !== [])
        <p>The readings say the oven heats this load at {{ number_format($board->correction->factor, 2) }} of what
            the model thought.</p>
    @endif
</div>
@can('work')
    <form method="post" action="/bakes/{{ $bake->id }}/pull"><x-once /><button class="btn btn-do btn-big">Pull: it
            is out</button></form>
    @if ($board->waitsToFlow())
        <form method="post" action="/loads/{{ $bake->id }}/events"><x-once /><button class="btn btn-big" name="kind"
                value="flowed">It has flowed: start the clock</button></form>
    @endif
    @include('curing.cure.read-form', ['pointed' => $board->decides()->key(), 'bare' => false])
    @if ($bake->items->whereNull('out_at')->sum('count') > 1)
        <details class="panel !py-1" id="out-panel" hx-preserve @if ($errors->hasAny(['item', 'pieces'])) open @endif>
            <summary class="font-semibold">Take some out, the rest bakes on</summary>
            <div class="grid gap-2 pb-2">
                @foreach ($bake->items->whereNull('out_at') as $item)
                    <form method="post" action="/bakes/{{ $bake->id }}/items/{{ $item->id }}/out"
                        class="grid grid-cols-[1fr_4rem_4rem_auto] gap-2 items-end">
                        <x-once />
                        <b class="self-center">{{ $item->title() }}</b>
                        <div>
                            <label class="hint" for="out-pieces-{{ $item->id }}">pieces</label>
                            <input id="out-pieces-{{ $item->id }}" name="pieces" value="{{ $item->count }}"
                                inputmode="numeric">
                        </div>
                        <div>
                            <label class="hint" for="out-door-{{ $item->id }}">door, s</label>
                            <input id="out-door-{{ $item->id }}" name="door_s" value="45" inputmode="numeric">
                        </div>
                        <button class="btn" aria-label="Take {{ $item->title() }} out">Out</button>
                    </form>
                @endforeach
            </div>
        </details>
    @endif
    @foreach ($bake->items->whereNotNull('out_at') as $item)
        <form method="post" action="/bakes/{{ $bake->id }}/items/{{ $item->id }}/in"
            class="flex items-center justify-between gap-2">
            <x-once />
            <span>{{ ucfirst($item->title()) }} is out since {{ ShopClock::time($item->out_at) }}.</span>
            <button class="btn btn-quiet" aria-label="{{ $item->title() }} never left">It never left</button>
        </form>
    @endforeach
    @include('curing.cure.came-out')
    @include('curing.cure.event-form', ['setpointC' => $next->setpointC, 'powerIsOff' => $next->powerIsOff])
@endcan
@foreach (LiveLogger::riders($bake) as $rider)
    <p class="panel !py-2">{{ $rider['logger'] }} rides along, last heard at
        {{ ShopClock::time($rider['at']) }}: {{ collect($rider['says'])->map(
            fn($c, $name) => "{$name} {$u->temp($c)}")->join(', ') }}.</p>
@endforeach
@include('curing.cure.floor-log')
