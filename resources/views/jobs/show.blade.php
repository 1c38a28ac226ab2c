@use('Aenum\Core\Word\Station')
@use('Aenum\Core\Unit\Dimension', 'D')
@use('App\Support\ShopClock')
<x-layout :title="'Job ' . $job->number" :at="$job->isOpen() ? $job->station : null">
    <div class="flex flex-wrap items-start justify-between gap-3 mb-3">
        <div>
            <h1>{{ $job->number }} {{ $job->title }}</h1>
            <p>{{ $job->customer->name }}@if ($job->customer->contact)
                    · {{ $job->customer->contact }}
                @endif
                · {{ $job->isOpen() ? 'hangs at ' . $job->station->label() : $job->status }}
                @if ($job->due_on)
                    · due {{ $job->due_on->format('j M Y') }}
                @endif
            </p>
        </div>
        <div class="flex gap-2">
            <a class="btn btn-quiet" href="/jobs/{{ $job->id }}/card">Card</a>
            <a class="btn btn-quiet" href="/jobs/{{ $job->id }}/record">Record</a>
            @if ($job->isOpen())
                @can('work')
                    <a class="btn btn-quiet" href="/jobs/{{ $job->id }}/edit">Change</a>
                @endcan
            @endif
        </div>
    </div>
    <div class="grid grid-cols-[minmax(0,1fr)_23rem] max-[900px]:grid-cols-1 gap-5">
        <div class="grid gap-4 content-start">
            @if ($job->isOpen())
                @foreach ($job->parts as $part)
                    @foreach ($part->clocks->whereNull('done_at') as $clock)
                        @if ($clock->isBareSteel())
                            <x-bare-steel :clock="$clock" :part="$part" />
                        @else<p class="panel flex items-center gap-4"><span class="num text-[1.9rem]"
                                    data-until="{{ $clock->due_at->getTimestampMs() }}"
                                    data-past="now">{{ ShopClock::time($clock->due_at) }}</span>
                                {{ ucfirst($part->name) }}: {{ $clock->label }}</p>
                        @endif
                    @endforeach
                @endforeach
            @endif
            @if ($job->notes)
                <p class="panel whitespace-pre-line">{{ $job->notes }}</p>
            @endif
            @forelse ($job->parts as $part)
                <article class="panel" aria-label="{{ $part->name }}">
                    <div class="flex flex-wrap items-baseline justify-between gap-2">
                        <h2>{{ $part->count }} × {{ $part->name }}</h2>
                        @if ($job->isOpen())
                            @can('work')
                                <a class="min-h-[44px] inline-flex items-center"
                                    href="/parts/{{ $part->id }}/edit">change</a>
                            @endcan
                        @endif
                    </div>
                    <p>{{ $part->metalKind()->name }}, {{ $u->show(D::Mass, $part->mass_kg) }} and
                        {{ $u->show(D::Area, $part->area_m2) }}
                        each{{ $part->wall_mm ? ', from a mean wall of ' . $u->show(D::Length, $part->wall_mm) : '' }}.
                        @if ($part->sections->isNotEmpty())
                            Regions:
                            {{ $part->sections->map(fn($s) => $s->name . ' '
                                . $u->show(D::Mass, $s->mass_kg))->join(', ') }}.
                        @endif
                    </p>
                    <x-route-line :part="$part" />
                    @if ($job->isOpen() && in_array($job->station,
                        [Station::Coat, Station::Inspect, Station::Release], true))
                        <x-pin-brief :part="$part" :station="$job->station" />
                    @endif
                    @forelse ($part->coats as $coat)
                        <x-coat :coat="$coat" :job="$job" />
                    @empty
                        <p class="hint">No coat planned.</p>
                    @endforelse
                </article>
            @empty
                <p class="panel">No parts written down yet.</p>
            @endforelse
            @if ($job->isOpen())
                @can('work')
                    <p><a class="btn" href="/jobs/{{ $job->id }}/parts/create">Add a part</a></p>
                @endcan
            @endif
            @if ($bakes->isNotEmpty())
                <section>
                    <h2 class="mb-1">Bakes</h2>
                    <ul>
                        @foreach ($bakes as $bake)
                            <li>
                                <a class="inline-flex items-center min-h-[44px]" href="/bakes/{{ $bake->id }}">
                                    {{ $bake->oven->name }}, {{ $u->temp($bake->setpoint_c) }},
                                    @if ($bake->isPlanned())
                                        planned
                                    @elseif ($bake->isRunning())
                                        in the oven since {{ ShopClock::time($bake->shut_at) }}
                                    @else
                                        pulled {{ ShopClock::time($bake->pulled_at) }}
                                    @endif
                                </a>
                            </li>
                        @endforeach
                    </ul>
                </section>
            @endif
        </div>
        <div class="grid gap-4 content-start">
            @if ($job->isOpen())
                @can('work')
                    @if ($job->station === Station::Release)
                        <section class="panel grid gap-3" aria-label="Release">
                            <h2>Release</h2>
                            @if ($check->stops)
                                <x-verdict tone="stop" headline="It cannot leave yet." :reasons="$check->stops" />
                            @endif
                            @if ($check->doubts)
                                <div class="verdict"><strong>Open points</strong>
                                    @foreach ($check->doubts as $doubt)
                                        <p>{{ $doubt }}</p>
                                    @endforeach
                                </div>
                            @endif
                            <p class="hint">Count every plug, cap and loose piece back before you sign.</p>
                            @foreach ($job->parts as $part)
                                @foreach ($part->bags as $bag)
                                    <x-count-back
                                        :action="'/bags/'.$bag->id.'/count'"
                                        :id="'back-'.$bag->id"
                                        name="back"
                                        :label="$part->name.', bag '.$bag->countWords()"
                                        :value="$bag->counted_back"
                                        :does="$bag->isBack() ? 'Whole' : 'Count back'"
                                        :of="', bag '.$bag->name"
                                    />
                                @endforeach
                            @endforeach
                            @foreach ($job->parts as $part)
                                @foreach ($part->pins as $pin)
                                    @foreach ($pin->fittings as $fitting)
                                        <x-count-back
                                            :action="'/fittings/'.$fitting->id.'/off'"
                                            :id="'off-'.$fitting->id"
                                            name="removed"
                                            :label="$part->name.', '.$pin->words().': '.$fitting->countWords()"
                                            :value="$fitting->removed"
                                            :does="$fitting->isOff() ? 'All off' : 'Count off'"
                                            :of="' pin '.$pin->number"
                                        />
                                    @endforeach
                                    @if ($pin->must_stay_bare && !$pin->bare_signed_by)
                                        <x-count-back
                                            :action="'/pins/'.$pin->id.'/bare'"
                                            :id="'bare-'.$pin->id"
                                            name="name"
                                            :label="$part->name.', '.$pin->words().' is bare metal: name of who looked'"
                                            does="Sign bare"
                                            :of="': pin '.$pin->number"
                                            :figure="false"
                                        />
                                    @endif
                                @endforeach
                            @endforeach
                            <form method="post" action="/jobs/{{ $job->id }}/release" class="grid gap-3">
                                <x-once />
                                <x-field name="note" id="release-note" label="Note"
                                    :hint="$check->doubts ? 'Say why it may leave with the open points.' : null" />
                                <button class="btn btn-do btn-big" @disabled($check->stops !== [])>Sign and
                                    release</button>
                            </form>
                        </section>
                    @else
                        <section class="panel grid gap-3" aria-label="Sign">
                            <h2>At {{ $job->station->label() }}</h2>
                            <p>{{ $job->station->work() }}</p>
                            @if ($job->station->caution())
                                <x-caution :says="$job->station->caution()" />
                            @endif
                            @if ($job->station === Station::Cure && $check->stops)
                                <p class="wrong">{{ implode(' ', $check->stops) }}</p>
                            @endif
                            @if ($job->station === Station::Cure)
                                <p><a class="btn btn-do" href="/station/cure">To the oven bench</a></p>
                            @endif
                            <form method="post" action="/jobs/{{ $job->id }}/sign" class="grid gap-3">
                                <x-once />
                                <input type="hidden" name="seen_at" value="{{ $job->station->value }}">
                                <x-field name="note" id="sign-note" label="Note" />
                                <button class="btn btn-do" name="then" value="on">Sign, on to
                                    {{ $job->station->next()->label() }}</button>
                                <button class="btn btn-quiet" name="then" value="stay">Sign only</button>
                            </form>
                        </section>
                    @endif
                    @if ($job->station === Station::Intake)
                        <section class="panel" aria-label="Decline">
                            <details @if ($errors->has('reason')) open @endif>
                                <summary>Decline the work</summary>
                                <form method="post" action="/jobs/{{ $job->id }}/decline" class="grid gap-3">
                                    <x-once /><x-field name="reason" label="Why"
                                        hint="The customer is told this." /><button class="btn btn-stop">Decline
                                        it</button></form>
                            </details>
                        </section>
                    @endif
                    <section class="panel" aria-label="Hang elsewhere">
                        <details @if ($errors->has('to')) open @endif>
                            <summary>Hang it elsewhere, or send it back</summary>
                            <form method="post" action="/jobs/{{ $job->id }}/send" class="grid gap-3">
                                <x-once />
                                <input type="hidden" name="seen_at" value="{{ $job->station->value }}">
                                <x-pick name="to" label="To" :options="collect(Station::cases())
                                    ->reject(fn($s) => $s === $job->station)
                                    ->mapWithKeys(fn($s) => [$s->value => $s->label()])"
                                        :value="$job->station->previous()?->value" />
                                <x-field name="note" id="send-note" label="Reason"
                                    hint="Needed when it goes back." />
                                <button class="btn">Hang it there</button>
                            </form>
                        </details>
                    </section>
                @endcan
            @endif
            <section aria-label="History">
                <h2 class="mb-2">History</h2>
                <ol class="grid gap-2">
                    @foreach ($job->moves as $move)
                        <li><x-move :move="$move" /></li>
                    @endforeach
                </ol>
            </section>
        </div>
    </div>
</x-layout>
