@use('App\Charts\TemperScale')
<section class="panel scroll-x" aria-label="Ledger" tabindex="0" role="region">
    <h2 class="mb-1">The ledger: every coat, so far and after this bake</h2>
    <table class="grid-table">
        <thead><tr><th scope="col">Part</th><th scope="col" class="n">Done at min</th><th scope="col">Layer</th><th scope="col" class="n">Dose so far</th><th scope="col" class="n">after</th><th scope="col" class="n">Over-bake so far</th><th scope="col" class="n">after</th><th scope="col">It is then</th><th scope="col" class="n">Peak</th><th scope="col" class="n">Metal, min at {{ $u->temp(200) }}</th></tr></thead>
        <tbody>
        @foreach ($board->load->hung as $i => $hung)
            @php($item = $board->outlook->items[$i])
            @foreach ($hung->layers as $n => $layer)
                @php($gain = $n < count($item->under) ? $item->under[$n] : $item->atPull)
                @php($over = $gain->overbake === null ? null : ($layer->overbake ?? 0) + $gain->overbake)
                @php($state = $gain->state($bake->way, $layer->dose, $layer->overbake ?? 0))
                <tr>
                    <th scope="row">@if ($n === 0){{ $hung->bakeItem->count }} × {{ $hung->item->name }}@endif</th>
                    <td class="n">@if ($n === 0){{ $item->readyMinutes === null ? ($bake->way === Aenum\Core\Cure\ClockWay::Timed ? 'by the clock' : 'not in this picture') : number_format($board->sinceShut($item->readyMinutes), 1) }}@endif</td>
                    <td>{{ $layer->coat->role }}, {{ $layer->coat->powder->name }}</td>
                    <td class="n">{{ number_format($layer->dose, 2) }}</td>
                    <td class="n"><b>{{ number_format($layer->dose + $gain->dose, 2) }}</b></td>
                    <td class="n">{{ $over === null ? '' : number_format($layer->overbake ?? 0, 2) }}</td>
                    <td class="n"><b @class(['wrong' => $over !== null && $over > $bake->overbake_limit])>{{ $over === null ? 'not judged' : number_format($over, 2) }}</b></td>
                    <td>{{ $state->label() }}</td>
                    <td class="n"><span class="temper-{{ TemperScale::name($gain->peakC) }} font-semibold">{{ $u->temp($gain->peakC) }}</span></td>
                    <td class="n">@if ($n === 0){{ $hung->item->metal->ageHardens ? number_format($hung->metalMinutesSoFar, 0).' → '.number_format($hung->metalMinutesSoFar + Aenum\Core\Cure\MetalAgeing::minutes(array_filter($board->outlook->run->surfaceCourse($i), fn ($p) => $p->toS <= 60 * $board->outlook->pullMinutes)), 0) : 'not heat-treated' }}@endif</td>
                </tr>
            @endforeach
        @endforeach
        </tbody>
    </table>
    <p class="hint">Dose 1 is cured; over-bake 1 is all the powder stands, {{ number_format($bake->overbake_limit, 2) }} is the house limit. Light alloy: past {{ (int) Aenum\Core\Cure\MetalAgeing::WARN_MINUTES }} min think, past {{ (int) Aenum\Core\Cure\MetalAgeing::SIGN_MINUTES }} ask the maker.</p>
</section>
