{{-- Settings of each zone, turned by hand and answered at once. --}}
@use('Aenum\Core\Application\Openness')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Presentation\EnumLabels')
<form
    id="coat-set"
    method="get"
    action="/station/coat"
    class="panel grid gap-3 content-start busy"
    hx-get="/station/coat"
    hx-trigger="change"
    hx-target="#coat-set"
    hx-select="#coat-set"
    hx-select-oob="#coat-answer,#coat-picture,#coat-says,#weigh-set"
    hx-swap="outerHTML"
    hx-sync="this:replace"
    aria-label="Gun settings"
>
    <input type="hidden" name="lot" value="{{ $board->batch->id }}">
    <div class="grid grid-cols-[1fr_1fr_1.3fr] max-[700px]:grid-cols-1 gap-x-3">
        <x-pick name="gun" label="Gun" :options="$board->guns->pluck('name', 'id')" :value="$board->gun?->id"
            :empty="$board->gun === null ? 'none written down' : null" />
        <x-pick name="program" label="Program" :options="$board->programs()" :value="request('program')"
            empty="as advised" />
        <x-pick name="openness" label="The part is a" :options="EnumLabels::of(Openness::cases())"
            :value="$board->bench->openness->value" />
    </div>
    <div class="grid grid-cols-4 max-[700px]:grid-cols-2 gap-x-3">
        <x-field name="film" label="Film wanted" :unit="$u->unit(D::Film)"
            :value="$u->field(D::Film, $task->wantedUm, $u->isMetric() ? 0 : 2)" inputmode="decimal" />
        <x-field name="flow" label="Flow, g/min" :value="round($task->flowGPerMin)" inputmode="decimal" />
        <x-field name="hand" label="Hand" :unit="$u->unit(D::Length).'/s'"
            :value="$u->field(D::Length, $task->handMmPerS, 1)" inputmode="decimal" />
        <x-field name="overlap" label="Overlap, %" :value="round(100 * $task->overlap)" inputmode="decimal" />
    </div>
    <table class="grid-table">
        <caption class="sr-only">Zones in spraying order, with the gun's setting for each</caption>
        <thead>
            <tr>
                <th scope="col">Zone</th>
                <th scope="col" class="n">kV</th>
                <th scope="col" class="n">µA</th>
                <th scope="col" class="n">Powder air, {{ $task->gun->airScale()->unit() }}</th>
                <th scope="col" class="n">Distance, {{ $u->unit(D::Length) }}</th>
                <th scope="col" class="n">Passes</th>
                <th scope="col" class="n">Film, {{ $u->unit(D::Film) }}</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($plan->zones as $n => $one)
                @php($key = $one->zone->key)
                <tr>
                    <th scope="row">
                        {{ $n + 1 }}. {{ $one->zone->name }}
                        <span class="hint block font-normal">{{ $one->setting->tip->label() }} tip</span>
                    </th>
                    @foreach ($board->inputs($one) as $field => [$label, $value, $may])
                        <td class="n">
                            <input
                                class="!w-[3.9rem] !px-2 text-right"
                                id="zone-{{ $key }}-{{ $field }}"
                                name="zone[{{ $key }}][{{ $field }}]"
                                value="{{ $value }}"
                                aria-label="{{ $label }}, {{ $one->zone->name }}"
                                inputmode="decimal"
                                @disabled(! $may)
                            >
                        </td>
                    @endforeach
                    <td class="n"><b class="num">{{ $one->passes }}</b>@if ($one->forNothing)
                            <span class="hint">+{{ $one->forNothing }} free</span>@endif</td>
                    <td class="n"><b @class(['wrong' => $one->isOutside()])>{{ $u->film($one->filmUm) }}</b>
                        @if ($one->isThin)
                            <span class="wrong block">thin</span>
                        @endif
                    </td>
                </tr>
            @endforeach
        </tbody>
    </table>
    @unless ($task->gun->kind->limitsCurrent())
        <p class="hint">This gun has no current limit: µA is estimated from its voltage.</p>
    @endunless
    <p class="hint">{{ $u->said($board->stripesWords()) }}</p>
    @if ($board->estimated())
        <p class="hint">{{ $board->estimated() }}</p>
    @endif
    @foreach ($board->whys() as $why)
        <p class="hint">{{ $why }}</p>
    @endforeach
    @foreach ($board->thinWords() as $says)
        <p>{{ $u->said($says) }}</p>
    @endforeach
    <noscript><button class="btn">Work it out</button></noscript>
</form>
