<svg class="pot" viewBox="0 20 800 330" role="img"
    aria-label="The pot: {{ $pot->says() }}">
    <g class="{{ $pot->supply ? 'live' : '' }}">
        <path class="pipe" d="M20 150H150M210 150H290M350 150H420" />
        <path class="pipe" d="M400 150V292H560" />
    </g>
    <path class="valve {{ $pot->supply ? 'open' : '' }}" d="M52 132l36 36v-36l-36 36z" /><text x="70" y="116"
        text-anchor="middle">supply</text><text class="tick" x="70" y="194"
        text-anchor="middle">{{ $pot->supply ? 'open' : 'shut' }}</text>
    <path class="body" d="M150 112h60v70l-30 26l-30 -26z" />
    @if ($pot->water)
        <path class="water" d="M156 {{ 182 - 12 * $pot->water }}h48v{{ 12 * $pot->water }}l-24 20l-24 -20z" />
    @endif
    <text x="180" y="98" text-anchor="middle">
        separator</text><text class="tick" x="180" y="230"
        text-anchor="middle">{{ $pot->water ? 'water ' . $pot->water . ' of 4' : 'dry' }}</text>
    <circle class="body {{ $pot->gritty ? 'broken' : '' }}" cx="320" cy="150" r="32" /><text
        class="figure" x="320" y="158" text-anchor="middle">{{ $pot->set }}</text><text x="320" y="104"
        text-anchor="middle">regulator</text><text class="tick" x="320" y="204"
        text-anchor="middle">{{ $pot->gritty ? 'grit in its seat' : 'bar set' }}</text>
    <path class="body" d="M470 86q80 -60 160 0v120l-58 74h-44l-58 -74z" />
    @if ($pot->mediaKg > 0)
        <path class="media"
            d="M{{ 550 - 20 - $pot->mediaKg * 2 }} {{ 272 - 4.6 * $pot->mediaKg }}H{{ 570 + $pot->mediaKg * 2 }}L{{
                570 + min(52, $pot->mediaKg * 2) }} {{ 272 - min(4.6 * $pot->mediaKg, 66) }}L570 272H530L{{ 530 -
                    min(52, $pot->mediaKg * 2) }} {{ 272 - min(4.6 * $pot->mediaKg, 66) }}z" />
    @endif
    <text class="figure" x="550" y="130" text-anchor="middle">{{ $pot->bar() }} bar</text><text class="tick"
        x="550" y="202" text-anchor="middle">{{ $pot->mediaKg }} kg</text>
    <path class="pipe {{ $pot->supply ? 'live' : '' }}" d="M420 150H476" />
    <path class="valve {{ $pot->vent ? 'open' : '' }}" d="M650 60l32 32v-32l-32 32z" />
    <path class="pipe" d="M620 90L650 76" /><text x="668" y="46" text-anchor="middle">vent</text><text
        class="tick" x="700" y="82">{{ $pot->vent ? 'open' : 'shut' }}</text>
    <path class="body {{ $pot->leaky ? 'broken' : '' }}" d="M540 56h20v-22h-20z" /><text x="572"
        y="46">safety{{ $pot->leaky ? ', leaks' : '' }}</text>
    <path class="valve {{ $pot->choke ? 'open' : '' }}" d="M440 276l32 32v-32l-32 32z" /><text x="456" y="332"
        text-anchor="middle">choke {{ $pot->chokeWord() }}</text>
    <path class="valve {{ $pot->quarters ? 'open' : '' }}" d="M532 276l36 32v-32l-36 32z" />
    @if ($pot->plugged)
        <path class="plug" d="M536 262h28v14h-28z" />
    @endif
    <text x="550" y="332" text-anchor="middle">media {{ $pot->quarters }}/8</text>
    <path class="hose {{ $pot->loose ? 'broken' : '' }}"
        d="{{ $pot->loose ? 'M568 292q40 -60 70 -10t60 -40' : 'M568 292q60 30 100 0t60 0' }}" />
    <path class="body" d="M728 282h40v20h-40z" />
    @if ($table['flow']->value !== 'nothing')
        <path class="spray spray-{{ $table['flow']->value }}" d="M768 292l28 -22M768 292h28M768 292l28 22" />
    @endif
    <text x="730" y="332" text-anchor="middle">dead-man {{ $pot->pressed ? 'pressed' : 'let go' }}</text><text
        class="tick" x="648" y="266" text-anchor="middle">{{ $pot->pinned ? 'pinned' : 'not pinned' }}</text>
</svg>
