@use('Aenum\Core\Units\Dimension', 'D')
@use('Aenum\Core\Trade\ArrivalCondition')
@use('App\Platform\Presentation\Units')
<x-station :pick="$pick" lead="Note what is on a part under “What it is”, and the ways off are worked out here.">
    @if ($strip)
        @php($part = $pick->part)
        @php($way = $strip->way)
        @php($on = $strip->route->facts->part->onIt)
        <div class="verdict">
            <strong>{{ $way->name }}.</strong>
            <p>
                @if ($on === [])
                    Nothing is noted as being on it; if that is so, it goes straight on.
                @else
                    On it now: {{ ArrivalCondition::list($on) }}.
                @endif
                @if ($way->steps)
                    {{ Units::minutes($way->handMinutes) }} of hands and {{ Units::minutes($way->waitMinutes) }} of
                        waiting
                    here{{ $way->blasts() ? ', then '.Units::minutes($way->blastMinutes).' at the nozzle' : '' }}.
                @else
                    No chemical here{{ $way->blasts() ? ', then '.Units::minutes($way->blastMinutes).' at the nozzle'
                        : '' }}.
                @endif
            </p>
        </div>
        @foreach ($way->findings as $finding)
            <x-finding-line :finding="$finding" />
        @endforeach
        @if ($way->steps)
            <section class="panel" aria-label="Step by step">
                <h3 class="mb-1">Step by step</h3>
                <ol>
                    @foreach ($way->steps as $n => $step)
                        <x-clock
                            :batch="$pick->batch"
                            :step="$step->key"
                            :does="$step->does"
                            :why="$step->why"
                            :minutes="$step->dwell"
                            :tooLong="$step->tooLong"
                            :hands="$step->minutes"
                            :n="$n + 1"
                            :start="'/batches/'.$pick->batch->id.'/strip-clock'"
                            :asks="$dwells[$step->key] ?? $step->dwell"
                        />
                    @endforeach
                </ol>
            </section>
            <div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-3">
                @foreach ($way->agents as $agent)
                    <section class="panel" aria-label="{{ ucfirst($agent->name) }}">
                        <h3>
                            {{ ucfirst($agent->name) }}@if ($agent->litresPerM2), about
                            {{ $u->show(D::Volume, $agent->litresFor($strip->route->facts->part->areaOfAllM2()), 1)
                                }}@endif
                        </h3>
                        @foreach ($agent->tips as $tip)
                            <p>{{ $tip }}</p>
                        @endforeach
                        <p><b>Gloves:</b> {{ $agent->gloves }}. {{ $agent->caution }}</p>
                        <p class="hint"><b>Waste:</b> {{ $agent->waste }} The maker's sheet and local rules come
                            first.</p>
                    </section>
                @endforeach
            </div>
        @endif
        <section class="panel scroll-x" aria-label="Every way off" tabindex="0" role="region">
            <h3 class="mb-1">What each way costs</h3>
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">Way</th>
                        <th scope="col" class="n">Hands</th>
                        <th scope="col" class="n">Waiting</th>
                        <th scope="col" class="n">Chemical</th>
                        <th scope="col" class="n">Then blast</th>
                        <th scope="col" class="n">Media</th>
                        <th scope="col"></th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($strip->ways as $one)
                        <tr>
                            <th scope="row">
                                {{ $one->name }}
                                @foreach ($one->findings as $finding)
                                    <br>
                                    <span class="{{ $one->allowed() ? 'hint' : 'wrong' }} font-normal">
                                        {{ $u->said($finding->brief()) }}
                                    </span>
                                @endforeach
                            </th>
                            <td class="n">{{ Units::minutes($one->handMinutes) }}</td>
                            <td class="n">{{ Units::minutes($one->waitMinutes) }}</td>
                            <td class="n">{{ $one->litres ? $u->show(D::Volume, $one->litres, 1) : '' }}</td>
                            <td class="n">{{ $one->blasts() ? Units::minutes($one->blastMinutes) : 'none' }}</td>
                            <td class="n">{{ $u->show(D::Mass, $one->mediaKg) }}</td>
                            <td>
                                @if ($one->key === $way->key)
                                    <b>this one</b>
                                @elseif ($one->allowed())
                                    @can('work')
                                        <form method="post" action="/parts/{{ $part->id }}/strip-way">
                                            <x-once />
                                            <input type="hidden" name="way" value="{{ $one->key }}">
                                            <button class="btn btn-quiet whitespace-nowrap"
                                                aria-label="Go this way: {{ $one->name }}">
                                                Go this way
                                            </button>
                                        </form>
                                    @endcan
                                @else
                                    <b class="wrong">must not</b>
                                @endif
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @endif
</x-station>
