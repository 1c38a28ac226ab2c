@use('Aenum\Core\Units\Dimension', 'D')
@use('Aenum\Core\Trade\Station')
@php($digits = $u->isMetric() ? 0 : 1)
@php($shown = $u->isMetric() ? 1 : 1 / 25.4)
<x-layout :title="$drill->name" :at="Station::Coat">
    <p><a class="inline-flex items-center min-h-[44px]" href="/practice/booth">The practice booth</a></p>
    <div class="flex flex-wrap items-baseline justify-between gap-3 mb-2">
        <h1>{{ $drill->name }}</h1>
        <p>{{ $u->said($drill->story) }} <b>{{ $drill->goal }}</b></p>
    </div>
    <div class="grid grid-cols-[minmax(0,1fr)_21rem] max-[1000px]:grid-cols-1 gap-5" data-booth
        data-to="/practice/booth/{{ $drill->key }}/stroke" data-over="{{ $run?->score === null ? '' : '1' }}"
        data-state="{{ json_encode($state) }}">
        <div class="grid gap-3 content-start">
            <figure class="panel">
                <canvas data-panel width="900" height="590" tabindex="0" class="w-full touch-none"
                    aria-label="The panel. Press to spray; arrow keys move the gun, space turns it on and off, plus and
                        minus bring it nearer and further."></canvas>
                <figcaption class="hint">Film wanted {{ $u->show(D::Film, $drill->powder->lowUm) }} to
                    {{ $u->show(D::Film, $drill->powder->highUm) }}. Dotted: thinner. Plain: in the band. Hatched:
                    thicker. Figures are the film there.</figcaption>
            </figure>
            <dl class="panel grid grid-cols-4 max-[700px]:grid-cols-2 gap-x-4" aria-live="off">
                @foreach (['mean' => 'Mean', 'least' => 'Least', 'most' => 'Most', 'deviation' => 'Deviation',
                    'band' => 'In the band', 'index' => 'Charge index', 'sprayed' => 'Sprayed', 'landed' => 'Landed']
                    as $key => $name)
                    <div class="flex justify-between gap-2 border-b border-line py-1">
                        <dt>{{ $name }}</dt>
                        <dd class="num" data-figure="{{ $key }}">{{ $state['figures'][$key] }}</dd>
                    </div>
                @endforeach
            </dl>
            @if ($score)
                <div class="verdict" data-tone="{{ $score->score >= 70 ? 'good' : 'stop' }}">
                    <strong>{{ $run->score }} of 100.</strong>
                    <p>{{ collect($score->points)->map(fn ($n, $for) => "{$for} {$n}")->join(', ') }}.</p>
                    @foreach ($score->why as $why)
                        <p>{{ $u->said($why) }}</p>
                    @endforeach
                </div>
                <form method="post" action="/practice/booth/{{ $drill->key }}/measured"
                    class="panel flex flex-wrap items-end gap-3">
                    <x-once />
                    <div class="grow">
                        <x-field name="real" label="A real panel sprayed like it" :unit="$u->unit(D::Film)"
                            hint="Readings one after the other." />
                    </div>
                    <button class="btn">Keep beside it</button>
                    @if ($run->measured_mean_um !== null)
                        <p class="w-full">Real: mean {{ $u->show(D::Film, $run->measured_mean_um) }},
                            {{ $u->show(D::Film, $run->measured_least_um) }} to
                            {{ $u->show(D::Film, $run->measured_most_um) }}; computed: mean
                            {{ $state['figures']['mean'] }}, {{ $state['figures']['least'] }} to
                            {{ $state['figures']['most'] }}.</p>
                    @endif
                </form>
            @endif
        </div>
        <div class="grid gap-3 content-start">
            <form method="post" action="/practice/booth/{{ $drill->key }}/stroke" class="panel grid gap-2" data-set>
                @csrf
                @foreach ($sliders as [$name, $label, $least, $most, $step, $value])
                    <div>
                        <label for="{{ $name }}" class="flex justify-between">{{ $label }}
                            <output for="{{ $name }}" class="num">{{ round($value, 1) }}</output></label>
                        <input type="range" id="{{ $name }}" name="{{ $name }}" min="{{ $least }}" max="{{ $most }}"
                            step="{{ $step }}" value="{{ $value }}" class="w-full min-h-[32px]">
                    </div>
                @endforeach
                <div>
                    <label for="away" class="flex justify-between">Distance, {{ $u->unit(D::Length) }}
                        <output for="away" class="num">{{ $u->field(D::Length, 220, $digits) }}</output></label>
                    <input type="range" id="away" name="away" min="60" max="450" step="10" value="220"
                        data-shown="{{ $shown }}" data-digits="{{ $digits }}" class="w-full min-h-[32px]">
                </div>
                @if ($drill->start->ohms > $drill::CLEAN_OHM)
                    <label class="flex items-center gap-3 min-h-[44px] font-normal"><input type="checkbox" name="clean"
                            value="1" @checked($set->ohms < $drill->start->ohms)> Clean the hook</label>
                @endif
                <details>
                    <summary>A stroke by figures</summary>
                    <div class="grid grid-cols-2 gap-2">
                        @foreach ($stroke as $name => [$label, $mm])
                            <x-field :name="$name" :label="$label" :unit="$u->unit(D::Length)"
                                :value="$u->field(D::Length, $mm, $digits)" inputmode="decimal" />
                        @endforeach
                    </div>
                    <button class="btn mt-2">Spray it</button>
                </details>
            </form>
            <form method="post" action="/practice/booth/{{ $drill->key }}/judge"><x-once />
                <button class="btn btn-do w-full" @disabled($run === null || $run->score !== null)>Judge it</button>
            </form>
            <form method="post" action="/practice/booth/{{ $drill->key }}/start"><x-once />
                <button class="btn w-full">Begin again</button></form>
            <p class="hint">A practice booth, not yours: the real one wants respirator, earth and its makers'
                sheets.</p>
        </div>
    </div>
</x-layout>
