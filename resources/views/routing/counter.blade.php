@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Presentation\Units')
@php($cost = $counter->cost)
<section class="panel grid gap-3" aria-label="At the counter">
    <div class="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <p>
            <span class="num text-[2rem]">{{ $counter->total() }}</span>
            <span class="hint">first idea of cost for {{ $part->count }}</span>
        </p>
        <p>
            {{ Units::minutes($cost->handMinutes) }} of hands, {{ $u->show(D::Mass, $cost->powderKg) }} of powder,
            {{ $u->show(D::Mass, $cost->mediaKg) }} of media, {{ number_format($cost->kwh, 0) }} kWh
        </p>
    </div>
    @if ($counter->missingPrice())
        <p class="wrong">{{ $counter->missingPrice() }}
            @can('manage')
                <a href="/shop">Shop settings</a>
            @endcan
        </p>
    @endif
    <details>
        <summary>How it comes to that</summary>
        <dl class="grid grid-cols-[auto_auto_minmax(0,1fr)] gap-x-4">
            @foreach ($cost->how() as $for => $how)
                <dt class="font-medium">{{ ucfirst($for) }}</dt>
                <dd class="num text-right">{{ number_format($cost->money[$for], 0, '.', ' ') }}</dd>
                <dd class="hint">{{ $how }}</dd>
            @endforeach
        </dl>
        <p class="hint">Prices are the shop's, from House ways. A first idea, not a quote.</p>
    </details>
    @includeWhen($counter->twoColours !== null, 'routing.two-colours', ['two' => $counter->twoColours])
    <div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-4">
        <div>
            <h3>Coats that fit</h3>
            <ul>
                @foreach ($counter->advice->stack as $coat)
                    <li>
                        <b>{{ ucfirst($coat->what) }}</b>: {{ $coat->planned ? 'planned.' : 'not planned.' }}
                        @isset($counter->coatMoney[$coat->what])
                            {{ $counter->money($counter->coatMoney[$coat->what]) }} of powder.
                        @endisset
                        <span class="hint">
                            {{ $coat->why }} {{ $coat->wont }}
                            @if (! $coat->planned && isset($counter->onShelf[$coat->what]))
                                On the shelf: {{ $counter->onShelf[$coat->what] }}.
                            @endif
                        </span>
                    </li>
                @endforeach
            </ul>
            @if ($counter->advice->film)
                <p class="wrong">{{ $u->said($counter->advice->film) }}</p>
            @endif
            <p class="mt-1">
                <b>{{ $counter->advice->pretreatment->name }}.</b>
                <span class="hint">{{ $counter->advice->pretreatment->why }}</span>
            </p>
        </div>
        <div>
            @foreach ($counter->promise->heads() as $head => $lines)
                <h3>{{ $head }}</h3>
                <ul class="mb-1">
                    @foreach ($lines as $line)
                        <li>{{ $line }}</li>
                    @endforeach
                </ul>
            @endforeach
            <a class="inline-flex items-center min-h-[44px]" href="/parts/{{ $part->id }}/agreement">The sheet to
                sign</a>
        </div>
    </div>
</section>
