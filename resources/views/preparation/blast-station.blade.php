@use('Aenum\Core\Preparation\Blasting\Access')
@use('Aenum\Core\Preparation\Blasting\BlastTask')
@use('Aenum\Core\Preparation\Blasting\Media')
@use('Aenum\Core\Preparation\Blasting\Standoff')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Presentation\EnumLabels')
@use('App\Platform\Presentation\Units')
@use('App\Routing\Queries\MediaLog')
<x-station :pick="$pick" lead="Media, pressure and minutes are worked out for the part in hand.">
    <x-slot:side>
        <x-air :entry="$air" :coast="$pick->isByTheSea()" />
        <a class="btn btn-quiet" href="/practice">Practise the pot</a>
    </x-slot:side>
    @if ($blast)
        @php($part = $pick->part)
        @php($plan = $blast->plan)
        @if ($bare)
            <x-bare-steel :clock="$bare" :batch="$pick->batch" />
        @endif
        <div id="blast" class="grid gap-4 busy">
            <div class="panel grid grid-cols-[auto_minmax(0,1fr)] max-[900px]:grid-cols-1 gap-x-6 items-center">
                <p>
                    <span class="num text-[3.4rem]">{{ Units::minutes($plan->minutes) }}</span>
                </p>
                <p>
                    {{ ucfirst($blast->medium->name) }} at {{ $u->show(D::Pressure, $plan->bar, 1) }}:
                    {{ $u->show(D::Area, $plan->rateM2PerH) }} an hour, {{ $u->show(D::Mass, $plan->mediaKg) }} of media
                    worn away.
                    {{ $blast->factor->isMeasured() ? 'Two in three logged ended' : 'A guess: it ends' }} between
                    {{ Units::minutes($blast->factor->between($plan->minutes)[0]) }}
                    and {{ Units::minutes($blast->factor->between($plan->minutes)[1]) }}.
                    <span class="hint">
                        {{ $blast->factor->trust() }}
                        This shop takes {{ number_format($blast->factor->factor, 2) }} of the book's time.
                    </span>
                </p>
            </div>
            <figure class="panel">
                @include('preparation.air-system', ['air' => $blast->air])
                <figcaption>
                    {{ $u->said($blast->air->limit ?? 'It holds the pressure asked for.') }}
                    @if ($blast->air->limit)
                        At {{ $u->show(D::Pressure, $blast->air->wantedBar, 1) }} fit a bore of
                        {{ $u->show(D::Length, $blast->air->boreToFitMm) }} at most; bought new,
                        {{ $u->show(D::Length, $blast->air->newBoreToFitMm) }}, so that it still does when worn.
                    @endif
                    @if ($blast->air->isWorn())
                        The nozzle has worn and takes {{ $blast->air->wornPercent() }} % more air than
                        new{{ $blast->air->isWornOut() ? ': replace it' : '' }}.
                    @endif
                </figcaption>
            </figure>
            @foreach ($findings as $finding)
                <x-finding-line :finding="$finding" />
            @endforeach
        </div>
        <div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-4">
            <form
                method="get"
                action="/station/blast"
                class="panel grid grid-cols-2 gap-3 content-start"
                hx-get="/station/blast"
                hx-trigger="change"
                hx-target="#blast"
                hx-select="#blast"
                hx-select-oob="#blast-facts,#blast-set,#blast-why"
                hx-swap="outerHTML"
                hx-sync="this:replace"
            >
                <input type="hidden" name="lot" value="{{ $pick->batch->id }}">
                <x-pick name="media" label="Media" :options="Media::names()" :value="$blast->medium->key" />
                <x-field
                    name="bar"
                    label="Pressure wanted"
                    :unit="$u->unit(D::Pressure)"
                    :value="$u->field(D::Pressure, $blast->air->wantedBar, 1)"
                    inputmode="decimal"
                />
                <x-field
                    name="mixture"
                    label="Mixture, kg media to 1 of air"
                    :value="request('mixture')"
                    :placeholder="number_format($blast->medium->bestMixture, 2)"
                    hint="Empty: the best for the medium."
                    inputmode="decimal"
                />
                <x-pick name="access" label="Reach" :options="EnumLabels::of(Access::cases())"
                    :value="$blast->access->value" />
                <noscript>
                    <button class="btn col-span-2">Work it out</button>
                </noscript>
            </form>
            <dl id="blast-facts" class="panel grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1 content-start">
                <dt class="font-medium">Mixture</dt>
                <dd>
                    {{ $blast->mixturePercent() }} % of the best rate;
                    {{ number_format($blast->medium->bestMixture, 2) }} is best:
                    @if ($blast->turns() !== null)
                        the valve {{ $blast->turns() }} turns open, by {{ $blast->batch->valve->pots }} timed pots
                    @else
                        open the media valve until it sounds even; time a pot of it, and its turns are told
                    @endif
                </dd>
                <dt class="font-medium">Grade</dt>
                <dd>
                    {{ $blast->medium->grade }}@if ($blast->medium->grain()),
                        {{ $u->quantity($blast->medium->grain()) }}@endif
                </dd>
                <dt class="font-medium">Profile</dt>
                <dd>
                    about {{ $u->show(D::Film, $plan->rzMicrons) }}
                    @if ($blast->job->facts->coats)
                        under a film of {{ $u->show(D::Film, $blast->job->facts->filmMicrons()) }}
                    @endif
                </dd>
                <dt class="font-medium">Clean to</dt>
                <dd>
                    {{ $clean->grade }} <span class="hint">{{ $clean->why }}</span>
                </dd>
                <dt class="font-medium">Order</dt>
                <dd>{{ BlastTask::ORDER }} Soft covers hold to
                    {{ $u->show(D::Pressure, BlastTask::SOFT_COVERS_BAR, 2) }}.</dd>
                <dt class="font-medium">Settings</dt>
                <dd>
                    @foreach (BlastTask::cases() as $task)
                        {{ $task->label() }} {{ $u->quantity($task->pressure()) }}{{ $loop->last ? '' : ' · ' }}
                    @endforeach
                </dd>
                <dt class="font-medium">Standoff</dt>
                <dd>{{ $u->quantity(Standoff::at($plan->bar)) }}, {{ Standoff::ANGLE }}</dd>
            </dl>
        </div>
        @can('work')
            <form method="post" action="/batches/{{ $pick->batch->id }}/blasted"
                class="panel flex flex-wrap items-end gap-3">
                <x-once />
                <span id="blast-set" hidden>
                    <input type="hidden" name="media" value="{{ $blast->medium->key }}">
                    <input type="hidden" name="bar" value="{{ $u->field(D::Pressure, $blast->air->wantedBar, 4) }}">
                    <input type="hidden" name="mixture" value="{{ $blast->mixture }}">
                    <input type="hidden" name="access" value="{{ $blast->access->value }}">
                </span>
                <div class="w-36">
                    <x-field name="minutes" label="It took, min" inputmode="decimal" />
                </div>
                <div class="w-40">
                    <x-pick name="kind" label="as a" :options="['blast' => 'blast', 'sweep' => 'sweep']"
                        value="blast" />
                </div>
                <div class="grow min-w-40">
                    <x-field name="note" id="blast-note" label="Note" />
                </div>
                <label class="flex items-center gap-2 min-h-[48px] font-normal">
                    <input type="checkbox" name="greasy" value="1"> it was greasy
                </label>
                <button class="btn btn-do">Blasted: log it</button>
            </form>
        @endcan
        @if ($logged->isNotEmpty())
            <ul class="hint">
                @foreach ($logged as $line)
                    <li>
                        {{ ShopClock::time($line->at) }}, {{ $line->user->name }}:
                        {{ Units::minutes($line->figure('actual_min')) }} with
                        {{ Media::find($line->subject)?->name ?? $line->subject }}, the book says
                        {{ Units::minutes($line->figure('planned_min')) }}
                    </li>
                @endforeach
            </ul>
        @endif
        <details class="panel">
            <summary>Every medium, why and why not</summary>
            <ol id="blast-why">
                @foreach ($blast->choices as $choice)
                    <li class="border-t border-line py-1">
                        <b @class(['wrong' => ! $choice->allowed])>
                            {{ ucfirst($choice->medium->name) }}{{ $choice->allowed ? '' : ': not on this part' }}
                        </b>
                        @foreach ($choice->why as $why)
                            <span>{{ $u->said($why) }}</span>
                        @endforeach
                    </li>
                @endforeach
            </ol>
        </details>
    @endif
    <details class="panel" @if ($errors->hasAny(['medium', 'what', 'kg', 'turns', 'pot_minutes'])) open @endif>
        <summary>Media in the shop</summary>
        <ul>
            @forelse ($media as $one)
                <li class="border-t border-line py-1">
                    <b>{{ ucfirst($one->medium->name) }}</b> since {{ ShopClock::local($one->since)->format('j M') }}:
                    {{ $u->show(D::Mass, $one->shotKg) }} shot{{ $one->lifeWords() }}.{{ $one->wearWords() }}
                    @foreach ($one->dirt() as $dirt)
                        <span class="wrong">{{ $dirt }}</span>
                    @endforeach
                </li>
            @empty
                <li class="hint">Nothing logged. Say when new media goes in, and its life is counted.</li>
            @endforelse
        </ul>
        @can('work')
            <form method="post" action="/media-log" class="flex flex-wrap items-end gap-3 mt-2">
                <x-once />
                <div class="w-48">
                    <x-pick name="medium" label="Medium" :options="Media::names()" empty="Pick one" />
                </div>
                <div class="w-48">
                    <x-pick name="what" label="What" :options="MediaLog::EVENTS" />
                </div>
                <div class="w-28">
                    <x-field name="kg" label="How much" :unit="$u->unit(D::Mass)" />
                </div>
                <div class="w-28">
                    <x-field name="turns" label="Valve open" unit="turns" inputmode="decimal" />
                </div>
                <div class="w-28">
                    <x-field name="pot_minutes" label="Ran for" unit="min" inputmode="decimal" />
                </div>
                <div class="grow min-w-32">
                    <x-field name="media_note" label="Note" />
                </div>
                <button class="btn">Write down</button>
            </form>
        @endcan
    </details>
</x-station>
