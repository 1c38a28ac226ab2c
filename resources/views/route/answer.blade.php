@use('Aenum\Core\Route\StepKind')
@use('Aenum\Core\Unit\Dimension', 'D')
@use('App\Support\Units')
@php($holding = $route->holding())
@php($open = $part->job->isOpen())
<div id="answer" class="grid gap-4 content-start busy">
    <x-verdict :tone="$holding === [] ? 'good' : 'stop'" :headline="$holding === [] ? 'It can go on: '.Units::minutes($route->minutes()).' of hands, '.Units::minutes($route->waitMinutes()).' of waiting.' : (count($holding) === 1 ? 'One thing holds it at Intake.' : count($holding).' things hold it at Intake.')" />
    <section class="panel grid gap-3" aria-label="At the counter">
        <div class="flex flex-wrap items-baseline gap-x-6 gap-y-1">
            <p><span class="num text-[2rem]">{{ $counter->cost->total() > 0 ? number_format($counter->cost->total(), 0, '.', ' ').' '.App\Models\Shop::current()->currency : Units::minutes($counter->cost->handMinutes) }}</span> <span class="hint">first idea of cost for {{ $part->count }}</span></p>
            <p>{{ Units::minutes($counter->cost->handMinutes) }} of hands, {{ $u->show(D::Mass, $counter->cost->powderKg) }} of powder, {{ $u->show(D::Mass, $counter->cost->mediaKg) }} of media, {{ number_format($counter->cost->kwh, 0) }} kWh</p>
        </div>
        <details><summary>How it comes to that</summary>
            <dl class="grid grid-cols-[auto_auto_minmax(0,1fr)] gap-x-4">@foreach (['hands' => 'the minutes of every step on the route', 'powder' => 'area over cover at '.round(100 * Aenum\Core\Route\FirstCost::TRANSFER).' % on the part', 'media' => 'what the blast wears to dust', 'heat' => 'metal to temperature for every bake, '.round(100 * Aenum\Core\Route\FirstCost::OVEN_SHARE).' % of the oven\'s energy in the load'] as $for => $how)<dt class="font-medium">{{ ucfirst($for) }}</dt><dd class="num text-right">{{ number_format($counter->cost->money[$for], 2, '.', ' ') }}</dd><dd class="hint">{{ $how }}</dd>@endforeach</dl>
            <p class="hint">Prices are the shop's, from House ways. A first idea, not a quote.</p></details>
        <div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-4">
            <div><h3>Coats that fit</h3><ul>@foreach ($counter->advice->stack as $coat)<li><b>{{ ucfirst($coat['what']) }}</b>: {{ $coat['planned'] ? 'planned.' : 'not planned.' }} <span class="hint">{{ $coat['why'] }}@if (! $coat['planned'] && isset($counter->onShelf[$coat['what']])) On the shelf: {{ $counter->onShelf[$coat['what']] }}.@endif</span></li>@endforeach</ul>
                @if ($counter->advice->film)<p class="wrong">{{ $u->said($counter->advice->film) }}</p>@endif
                <p class="mt-1"><b>{{ $counter->advice->pretreatment }}.</b> <span class="hint">{{ $counter->advice->pretreatmentWhy }}</span></p></div>
            <div>@foreach (['Will still show' => $counter->promise->shows, 'Not promised' => $counter->promise->notPromised, 'Off first' => $counter->promise->offFirst] as $head => $lines)@if ($lines)<h3>{{ $head }}</h3><ul class="mb-1">@foreach ($lines as $line)<li>{{ $line }}</li>@endforeach</ul>@endif @endforeach
                <a class="inline-flex items-center min-h-[44px]" href="/parts/{{ $part->id }}/agreement">The sheet to sign</a></div>
        </div>
    </section>
    @if ($route->findings !== [])
        <section class="panel grid gap-3" aria-label="What the rules say">
            <h2>What the rules say</h2>
            @foreach ($route->findings as $finding)<x-finding-card :finding="$finding" :part="$part" />@endforeach
        </section>
    @endif
    <section class="panel" aria-label="The route">
        <div class="flex items-center justify-between gap-3"><h2>The route{{ $route->changed ? ', changed by hand' : '' }}</h2>
            @if ($route->changed && $open) @can('work')<form method="post" action="/parts/{{ $part->id }}/route"><x-once /><button class="btn btn-quiet" name="how" value="anew">Lay it out anew</button></form>@endcan @endif</div>
        <ol>
            @foreach ($route->steps as $n => $step)
                <li class="border-t border-line py-1 grid grid-cols-[2.2rem_minmax(0,1fr)_auto] items-center gap-2">
                    <span class="num text-soft text-[1.25rem]">{{ $n + 1 }}</span>
                    <div><p><b>{{ ucfirst($step->name()) }}</b>@if ($step->celsius), {{ $u->temp($step->celsius) }}{{ $step->holdMinutes ? ' for '.Units::minutes($step->holdMinutes) : '' }}@endif
                        <span class="hint">{{ $step->minutes > 0 ? Units::minutes($step->minutes).' of hands' : '' }}{{ $step->minutes > 0 && $step->waitMinutes > 0 ? ', ' : '' }}{{ $step->waitMinutes > 0 ? 'wait '.Units::minutes($step->waitMinutes) : '' }}{{ $step->kind->needs() ? ' · '.$step->kind->needs() : '' }}</span></p>
                        <p class="hint">{{ $u->said($step->why) }}</p></div>
                    @if ($open) @can('work')
                        <form method="post" action="/parts/{{ $part->id }}/route" class="flex gap-1"><x-once /><input type="hidden" name="at" value="{{ $n }}">
                            <button class="btn btn-quiet !px-3 !min-h-[44px]" name="how" value="up" aria-label="Step {{ $n + 1 }} up" @disabled($loop->first)>↑</button>
                            <button class="btn btn-quiet !px-3 !min-h-[44px]" name="how" value="down" aria-label="Step {{ $n + 1 }} down" @disabled($loop->last)>↓</button>
                            <button class="btn btn-quiet !px-3 !min-h-[44px]" name="how" value="drop" aria-label="Drop step {{ $n + 1 }}, {{ $step->name() }}">×</button></form>
                    @endcan @endif
                </li>
            @endforeach
        </ol>
        @if ($open) @can('work')
            <form method="post" action="/parts/{{ $part->id }}/route" class="flex flex-wrap items-end gap-3 border-t border-line pt-3"><x-once /><input type="hidden" name="how" value="add">
                <div class="grow"><x-pick name="kind" label="Add a step" :options="collect(StepKind::cases())->mapWithKeys(fn ($k) => [$k->value => $k->label()])" empty="Pick one" /></div>
                <div class="w-40"><x-pick name="at" label="after step" :options="collect($route->steps)->mapWithKeys(fn ($s, $n) => [$n => ($n + 1).', '.$s->name()])" /></div>
                <button class="btn">Add</button></form>
        @endcan @endif
    </section>
</div>
