@use('Aenum\Core\Curing\TimingCriterion')
<section class="panel" aria-label="Ways to count">
    <h2 class="mb-2">The same load at {{ $u->temp($bake->setpoint_c) }}, counted {{ count(TimingCriterion::cases()) }}
        ways</h2>
    <div class="grid grid-cols-4 max-[900px]:grid-cols-1 gap-4">
        @foreach (TimingCriterion::cases() as $clockWay)
            @php($way = $board->outlook->ways[$clockWay->value])
            <div @class([
                'border-t-4 pt-2',
                'border-act' => $bake->way === $clockWay,
                'border-line' => $bake->way !== $clockWay,
            ])>
                <h3>{{ ucfirst($clockWay->label()) }}@if ($bake->way === $clockWay)
                        <span class="hint">(this bake)</span>
                    @endif
                </h3>
                <p><span
                        class="num text-[2rem]">{{ $way->minutes === null ? 'never'
                            : number_format($board->sinceShut($way->minutes), 1) }}</span>
                    @if ($way->minutes !== null)
                        min
                    @endif
                </p>
                @if ($way->minutes !== null)
                    <p>{{ $board->load->hung[$way->slowest]->item->name }} has a dose of <b
                            @class(['wrong' => $way->soft])>{{ number_format($way->leastDose, 2) }}</b>{{
                                $way->soft ? ': soft film' : '' }}
                        @if ($way->mostOverbake !== null)
                            · the worst over-bake is <b
                                @class(['wrong' => $way->mostOverbake > 1])>{{ number_format($way->mostOverbake, 1)
                                    }}</b>
                        @endif</p>
                @endif
                <p class="hint">{{ $clockWay->meaning() }}</p>
            </div>
        @endforeach
    </div>
</section>
