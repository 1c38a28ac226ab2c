@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Presentation\Units')
@use('App\Preparation\ViewModels\BathChart')
<x-station :pick="$pick" lead="The line is laid by metal and use.">
    @if ($line)
        @php($part = $pick->part)
        @if ($bare)
            <x-bare-steel :clock="$bare" :batch="$pick->batch" />
        @endif
        <div class="verdict">
            <strong>{{ $line->name }}, {{ Units::minutes($line->minutes()) }}.</strong>
            <p>
                {{ $line->why }}
                @if ($line->dryMinutes)
                    Dry at {{ $u->temp($line->dryC) }}.
                @endif
            </p>
        </div>
        @foreach ($findings as $finding)
            <x-finding-line :finding="$finding" />
        @endforeach
        <section class="panel" aria-label="The line">
            <ol>
                @foreach ($line->clocks() as $n => $stage)
                    <x-clock
                        :batch="$pick->batch"
                        :step="$stage->key"
                        :does="$u->said($stage->does())"
                        :why="$stage->why"
                        :minutes="$stage->least"
                        :tooLong="$stage->most"
                        :n="$n + 1"
                        :start="'/batches/'.$pick->batch->id.'/wash-clock'"
                        :late="$stage->tooLong ?: null"
                    />
                @endforeach
            </ol>
        </section>
    @endif
    <section class="panel grid gap-3" aria-label="Baths">
        <div class="flex flex-wrap items-center gap-2">
            <h3 class="mr-2">Baths</h3>
            @foreach ($baths as $log)
                @php($current = $log->bath->key === $shown->bath->key)
                <a
                    class="btn {{ $current ? 'btn-do' : 'btn-quiet' }}"
                    href="/station/wash?bath={{ $log->bath->key }}{{ $pick->batch ? '&lot='.$pick->batch->id : '' }}"
                    @if ($current) aria-current="true" @endif
                >{{ $log->bath->name }}@unless ($log->fine()) <b aria-label="outside its limits">!</b>@endunless</a>
            @endforeach
        </div>
        <div class="grid grid-cols-[minmax(0,1fr)_20rem] max-[1000px]:grid-cols-1 gap-5">
            <div class="grid gap-2 content-start">
                @forelse (BathChart::all($shown) as $drawn)
                    <figure>
                        <figcaption @class(['wrong' => ! $drawn->trend->within])>
                            <b class="num text-[1.4rem]">{{ round($drawn->trend->latest, 2) }}
                                {{ $drawn->figure->unit() }}</b>
                            {{ $drawn->trend->says }}
                            <span class="hint">Limits {{ $drawn->limits[0] }} to {{ $drawn->limits[1] }}</span>
                        </figcaption>
                        <svg
                            class="bath-chart"
                            viewBox="0 0 300 90"
                            role="img"
                            aria-label="{{ $drawn->figure->label() }} over time: {{ $drawn->words() }}"
                        >
                            <rect class="band" x="0" width="300" y="{{ $drawn->band['y'] }}"
                                height="{{ $drawn->band['height'] }}" />
                            <path d="{{ $drawn->path }}" />
                            @foreach ($drawn->points as $point)
                                <circle cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="3.2" />
                            @endforeach
                        </svg>
                    </figure>
                @empty
                    <p class="hint">Nothing measured in this bath yet. A reading a day shows where it is going.</p>
                @endforelse
                @if ($shown->topUpL())
                    <p>
                        <b>Put in {{ $u->show(D::Volume, $shown->topUpL()) }}</b> to bring
                        {{ $u->show(D::Volume, $shown->volumeL) }} back to {{ $shown->bath->percent }} %.
                    </p>
                @endif
                @if ($shown->bath->percent)
                    <p class="hint">
                        Made up to {{ $shown->bath->percent }} % at {{ $u->temp($shown->bath->celsius) }}:
                        {{ $u->show(D::Volume, $shown->bath->litresFor($shown->tankL())) }} in
                        {{ $u->show(D::Volume, $shown->tankL()) }}; in a sprayer of
                        {{ $u->show(D::Volume, $shown::SPRAYER_L) }},
                        {{ $u->show(D::Volume, $shown->bath->litresFor($shown::SPRAYER_L)) }}.
                    </p>
                @endif
                <p class="hint">{{ $shown->bath->caution }} The maker's sheet comes first.</p>
            </div>
            @can('work')
                <form method="post" action="/bath-log" class="grid gap-2 content-start">
                    <x-once />
                    <input type="hidden" name="bath" value="{{ $shown->bath->key }}">
                    @foreach ($shown->bath->figures() as $figure)
                        <x-field
                            :name="$figure->value"
                            :label="$figure->label()"
                            :unit="$figure->unit() ?: null"
                            inputmode="decimal"
                        />
                    @endforeach
                    <x-field
                        name="volume_l"
                        label="In the tank"
                        :unit="$u->unit(D::Volume)"
                        :value="$u->field(D::Volume, $shown->volumeL, 1)"
                        inputmode="decimal"
                    />
                    <x-field name="note" id="bath-note" label="Note" />
                    <button class="btn">Write the reading down</button>
                </form>
            @endcan
        </div>
        @if ($shown->lines->isNotEmpty())
            <details>
                <summary>Readings</summary>
                <ul>
                    @foreach ($shown->lines->reverse() as $entry)
                        <li class="flex items-center gap-3 border-t border-line">
                            <span class="grow">
                                {{ ShopClock::local($entry->at)->format('j M') }}
                                {{ ShopClock::hour($entry->at) }}, {{ $entry->user->name }}:
                                {{ $shown->read($entry, $u) }}{{ $entry->note ? '. '.$entry->note : '' }}
                            </span>
                            @can('work')
                                <form method="post" action="/logbook/{{ $entry->id }}/withdraw">
                                    <x-once />
                                    <button
                                        class="btn btn-quiet !px-3"
                                        aria-label="Take back the reading of {{ ShopClock::time($entry->at) }}"
                                    >×</button>
                                </form>
                            @endcan
                        </li>
                    @endforeach
                </ul>
            </details>
        @endif
    </section>
</x-station>
