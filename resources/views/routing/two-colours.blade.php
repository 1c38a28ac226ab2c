@use('Aenum\Core\Curing\MetalAging')
@use('Aenum\Core\Trade\TwoColorPolicy')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Presentation\Units')
{{-- A second colour, before it is promised. $two (TwoColors), $route --}}
<section class="border-t border-line pt-2" aria-label="Two colours">
    <h3>Two colours: {{ $two->second->zone }}, {{ $u->show(D::Area, $two->areaM2) }}</h3>
    <p>
        {{ $two->bakes }} bakes in all, {{ $two->bakesMore }} more than in one colour.
        @if ($two->firstOverbake === null)
            What the first colour stands, its sheet does not say.
        @else
            <span @class(['wrong' => $two->firstOverbake > 1])>The first colour uses up
                {{ round(100 * $two->firstOverbake) }} % of what it stands.</span>
        @endif
        @if ($two->metalMinutes > 0)
            {{ $u->said(MetalAging::words($two->metalMinutes)) }}
        @endif
    </p>
    <table class="grid-table">
        <caption class="sr-only">Ways of keeping the colours apart</caption>
        <thead><tr><th scope="col">Way</th><th scope="col" class="n">Hands, all pieces</th><th scope="col">What it
            buys and costs</th></tr></thead>
        <tbody>
            @foreach (TwoColorPolicy::cases() as $way)
                <tr>
                    <th scope="row">{{ ucfirst($way->label()) }}{{ $route->facts->house->twoColours === $way
                        ? ', as this part goes' : '' }}</th>
                    <td class="n">{{ Units::minutes($two->hands[$way->value]) }}</td>
                    <td>{{ ucfirst($way->says()) }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</section>
