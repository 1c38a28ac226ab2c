@use('App\Devices\StandIns')
@use('App\Support\ShopClock')
@php($cool = $bake->pulled_at->addMinutes((float) $bake->results->max('handle_minutes')))
<div class="panel">
    <p class="hint">{{ $cool->gt($board->now) ? 'Too hot to touch for' : 'Cool since ' . ShopClock::time($cool) }}
    </p>
    <p class="num text-[4.2rem]" data-until="{{ $cool->getTimestampMs() }}" data-past="cool">
        {{ ShopClock::time($cool) }}</p>
    <p>All of it under {{ $u->temp(max(Aenum\Core\Heat\Cooling::HANDLE_C, $bake->ambient_c + 5)) }} from
        <b>{{ ShopClock::time($cool) }}</b>, hanging in still air.</p>
</div>
<x-caution :says="Aenum\Core\Word\Station::Cure->caution()" />
<section class="panel grid gap-2" aria-label="Verdict">
    <h2>What each is now</h2>
    <ul class="grid gap-2">
        @foreach ($cameOut as $one)
            <li><b>{{ $one->title }}</b>, {{ $one->coat->role }}:
                <b @class(['wrong' => ! $one->standing->isDone()])>{{ $u->said($one->standing->words()) }}</b>
                <span class="hint">{{ $one->early ? 'taken out early, ' : '' }}over-bake
                    {{ $one->standing->overbake === null ? 'not judged'
                        : number_format($one->standing->overbake, 2) }}, peak {{ $u->temp($one->peakC) }}, to touch
                    in {{ App\Support\Units::minutes($one->handleMinutes ?? 0) }}</span>
            </li>
        @endforeach
    </ul>
</section>
<section class="panel grid gap-2" aria-label="By the logger">
    <h2>By the logger</h2>
    @foreach ($logs as $one)
        <div class="flex items-start gap-2">
            <ul class="grow">
                @foreach ($one['lines'] as $line)
                    <li><b>{{ $line['name'] }}</b>: {{ $line['state'] }}@if ($line['judged'])
                            <span class="hint">dose {{ number_format($line['judged']->dose, 2) }}, over-bake
                                {{ $line['judged']->overbake === null ? 'not judged'
                                    : number_format($line['judged']->overbake, 2) }},
                                peak {{ $u->temp($line['judged']->peakC) }}</span>
                        @endif
                    </li>
                @endforeach
            </ul>
            @can('work')
                <form method="post" action="/bake-logs/{{ $one['log']->id }}/withdraw"><x-once /><button
                        class="btn btn-quiet !px-3" aria-label="Take back {{ $one['log']->name }}">×</button></form>
            @endcan
        </div>
    @endforeach
    @can('work')
        <details @if ($errors->hasAny(['log', 'begins'])) open @endif>
            <summary>A logger was in it</summary>
            <form method="post" action="/bakes/{{ $bake->id }}/logs" enctype="multipart/form-data"
                class="grid gap-2"><x-once />
                <label for="log">Its CSV file</label><input id="log" type="file" name="log"
                    accept=".csv,text/csv" @error('log') aria-invalid="true" aria-describedby="log-says" @enderror>
                @error('log')
                    <p id="log-says" class="wrong">{{ $message }}</p>
                @enderror
                <p class="hint">Columns named air, or as the parts are.</p>
                <x-field name="begins" label="Its time begins, min after the door shut" value="0"
                    inputmode="decimal" />
                <button class="btn">Read it</button>
                @if (StandIns::answer())
                    <button class="btn btn-quiet" name="simulated" value="1">Use the simulated logger</button>
                @endif
            </form>
        </details>
    @endcan
</section>
<section class="panel grid gap-3" aria-label="Jobs">
    <h2>On from here</h2>
    @foreach ($after as $one)
        <div class="grid gap-1">
            <p><a href="/jobs/{{ $one->lot->part->job_id }}">Job {{ $one->lot->part->job->number }}</a>,
                {{ $one->lot->title() }}: {{ $one->says }}</p>
            @if ($one->to !== null)
                @can('work')
                    <form method="post" action="/lots/{{ $one->lot->id }}/go">
                        <x-once />
                        <input type="hidden" name="seen_at" value="cure">
                        <input type="hidden" name="to" value="{{ $one->to->value }}">
                        <button class="btn btn-do w-full" name="then" value="on">Sign, on to {{ $one->to->label()
                            }}</button>
                    </form>
                @endcan
            @endif
        </div>
    @endforeach
</section>
