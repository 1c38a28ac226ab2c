@use('Aenum\Core\Curing\MetalAging')
@use('App\Curing\ViewModels\CureLedgerLine')
@use('App\Curing\ViewModels\TemperScale')
<section class="panel scroll-x" aria-label="Ledger" tabindex="0" role="region">
    <h2 class="mb-1">The ledger: every coat, so far and after this bake</h2>
    <table class="grid-table">
        <thead>
            <tr>
                <th scope="col">Part</th>
                <th scope="col" class="n">Done at min</th>
                <th scope="col">Layer</th>
                <th scope="col" class="n">Dose so far</th>
                <th scope="col" class="n">after</th>
                <th scope="col" class="n">Over-bake so far</th>
                <th scope="col" class="n">after</th>
                <th scope="col">It is then</th>
                <th scope="col" class="n">Peak</th>
                <th scope="col" class="n">Metal, min at {{ $u->temp(MetalAging::REFERENCE_C) }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach (CureLedgerLine::all($board) as $line)
                @php($layer = $line->layer)
                <tr>
                    <th scope="row">
                        @if ($line->first)
                            {{ $line->hung->bakeItem->count }} × {{ $line->hung->item->name }}
                        @endif
                    </th>
                    <td class="n">{{ $line->first ? $line->doneAt : '' }}</td>
                    <td>{{ $layer->coat->role }}, {{ $layer->coat->powder->name }}</td>
                    <td class="n">{{ number_format($layer->dose, 2) }}</td>
                    <td class="n"><b>{{ number_format($line->doseAfter, 2) }}</b></td>
                    @if ($line->overbakeAfter === null)
                        <td></td>
                        <td class="n"><b>not judged</b></td>
                    @else
                        <td class="n">{{ number_format($layer->overbake ?? 0, 2) }}</td>
                        <td class="n">
                            <b @class(['wrong' => $line->overLimit])>{{ number_format($line->overbakeAfter, 2) }}</b>
                        </td>
                    @endif
                    <td>{{ $line->state->label() }}</td>
                    <td class="n">
                        <span class="temper-{{ TemperScale::name($line->peakC) }} font-semibold">
                            {{ $u->temp($line->peakC) }}
                        </span>
                    </td>
                    <td class="n">{{ $line->first ? $line->metal : '' }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <p class="hint">Dose 1 is cured; over-bake 1 is all the powder stands,
        {{ number_format($bake->overbake_limit, 2) }} is the house limit. Light alloy: past
        {{ (int) MetalAging::WARN_MINUTES }} min think, past
        {{ (int) MetalAging::SIGN_MINUTES }} ask the maker.</p>
</section>
