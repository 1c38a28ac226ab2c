@use('Aenum\Core\Cure\ClockWay')
<section class="panel" aria-label="Three ways to count">
    <h2 class="mb-2">The same load at {{ $u->temp($bake->setpoint_c) }}, counted three ways</h2>
    <div class="grid grid-cols-3 max-[900px]:grid-cols-1 gap-4">
        @foreach ([
            'timed' => 'The clock starts when the door shuts, for what the sheet says at the setpoint. It knows nothing of the metal.',
            'window' => 'The clock starts when the slowest metal is at temperature, and the dose must be full as well.',
            'dose' => 'Every minute of the curve counts for what it is worth.',
        ] as $key => $meaning)
            @php($way = $board->outlook->ways[$key])
            <div @class(['border-t-4 pt-2', 'border-act' => $bake->way->value === $key, 'border-line' => $bake->way->value !== $key])>
                <h3>{{ ucfirst(ClockWay::from($key)->label()) }}@if ($bake->way->value === $key) <span class="hint">(this bake)</span>@endif</h3>
                <p><span class="num text-[2rem]">{{ $way->minutes === null ? 'never' : number_format($board->sinceShut($way->minutes), 1) }}</span> @if ($way->minutes !== null)min @endif</p>
                @if ($way->minutes !== null)
                    <p>{{ $board->load->hung[$way->slowest]->item->name }} has a dose of <b @class(['wrong' => $way->leastDose < 1])>{{ number_format($way->leastDose, 2) }}</b>{{ $way->leastDose < 1 ? ': soft film' : '' }}@if ($way->mostOverbake !== null), the worst over-bake is <b @class(['wrong' => $way->mostOverbake > 1])>{{ number_format($way->mostOverbake, 2) }}</b>@endif.</p>
                @endif
                <p class="hint">{{ $meaning }}</p>
            </div>
        @endforeach
    </div>
</section>
