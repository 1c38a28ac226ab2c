@use('Aenum\Core\Application\BoothAir')
@use('Aenum\Core\Preparation\Racking\Ground')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Application\Queries\ColorChanges')
@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Presentation\Units')
{{-- What is so around the gun: warm window, booth air, earth, colour. --}}
<dl class="panel grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1 content-start" aria-label="Around the gun">
    <dt class="font-medium">Part</dt>
    <dd>
        @if ($board->warm === null)
            Nothing hot on record in the last hours.
        @else
            {{ $u->said($board->warmWords()) }}
            @if ($board->warmShuts())
                <b class="num" data-until="{{ $board->warmShuts()->getTimestampMs() }}" data-past="shut">{{
                    ShopClock::time($board->warmShuts()) }}</b> left of it.
            @endif
            @if ($board->isWindowTooShort())
                <b class="wrong">Spraying takes longer than the window is open.</b>
            @endif
        @endif
    </dd>
    <dt class="font-medium">Ground</dt>
    <dd>
        @if ($ground->mineOhm === null)
            Not measured on this rack.
        @else
            {{ Ground::words($ground->mineOhm) }}: {{ lcfirst(Ground::of($ground->mineOhm)->says()) }}
        @endif
        {{ $ground->trend() }}
    </dd>
    <dt class="font-medium">Booth air</dt>
    <dd>
        @if ($board->bench->inTheAirGM3() === null)
            Not known: write down what the booth draws under <a href="/guns">guns and booth</a>.
        @else
            {{ number_format($board->bench->inTheAirGM3(), 1) }} g of powder a m³ of air, the limit is
            {{ number_format(BoothAir::limit($board->bench->powder->lelGM3), 1) }}.
        @endif
    </dd>
    <dt class="font-medium">Powder</dt>
    <dd>
        {{ $board->lotWords() }}
        @if ($coat->powder->effect()->hasFlake())
            Flake: fluidise before use and again after a rest, no reclaim.
        @endif
    </dd>
    @if ($board->change())
        <dt class="font-medium">Colour</dt>
        <dd>Another colour was sprayed last: about
            {{ Units::minutes(ColorChanges::factor()->factor * $board->change()->minutes) }} to
            change{{ $board->change()->isDear ? ', '.$board->change()->why : '' }}.</dd>
    @endif
</dl>
