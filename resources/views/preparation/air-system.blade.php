@use('Aenum\Core\Units\Dimension', 'D')
@php($x = [70, 250, 470, 720])
@php($points = $air->points)
<svg class="air-system" viewBox="0 8 800 206" role="img"
    aria-label="Air from compressor to nozzle: {{
        collect($points)->map(fn($p) => $p['name'] . ' ' . $u->show(D::Pressure, $p['bar'], 1))->join(', ') }}; {{
            $u->show(D::AirFlow, $air->freeAirM3Min) }} of free air">
    <path class="pipe" d="M110 118H218M282 118H430M510 118H690" />
    <path class="tank"
        d="M28 88h84a14 14 0 0 1 14 14v32a14 14 0 0 1 -14 14h-84a14 14 0 0 1 -14 -14v-32a14 14 0 0 1 14 -14z" />
    <path class="gear" d="M44 88v-22h40v22M64 66v-14" />
    <path class="tank" d="M226 78h48v70l-24 20l-24 -20z" />
    <path class="gear" d="M226 126h48M250 168v14" />
    <path class="tank" d="M436 72q34 -26 68 0v60l-24 34h-20l-24 -34z" />
    <path class="gear" d="M470 166v18M452 184h36" />
    <path class="tank" d="M690 108h40l30 6v8l-30 6h-40z" />
    <path class="spray" d="M764 118l30 -16M764 118h32M764 118l30 16" />
    @foreach ($points as $n => $point)
        <text class="figure" x="{{ $x[$n] }}" y="36"
            text-anchor="middle">{{ $u->show(D::Pressure, $point['bar'], 1) }}</text>
        <text class="tick" x="{{ $x[$n] }}" y="208" text-anchor="middle">{{ $point['name'] }}</text>
    @endforeach
    <text class="tick" x="176" y="106" text-anchor="middle">{{ $u->show(D::AirFlow, $air->freeAirM3Min) }}</text>
    <text class="tick" x="356" y="106"
        text-anchor="middle">−{{ $u->show(D::Pressure, $points[1]['bar'] - $points[2]['bar'], 2) }}</text>
    <text class="tick" x="600" y="106"
        text-anchor="middle">−{{ $u->show(D::Pressure, $points[2]['bar'] - $points[3]['bar'], 2) }},
        {{ $u->show(D::Mass, $blast->plan->mediaKgPerMin, 1) }}/min</text>
</svg>
