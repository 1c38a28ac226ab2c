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
        @foreach ($bake->results->where('fresh', true) as $result)
            <li><b>{{ $result->part->name }}{{ $result->section ? ', ' . $result->section->name : '' }}</b>,
                {{ $result->coat->role }}:
                    <b @class(['wrong' => !$result->served($result->coat->bake_to)])>{{ $result->state->label() }}</b>
                <span class="hint">dose {{ number_format($result->dose, 2) }}, over-bake
                    {{ $result->overbake === null ? 'not judged' : number_format($result->overbake, 2) }}, peak
                    {{ $u->temp($result->peak_c) }}, to touch in
                    {{ App\Support\Units::minutes($result->handle_minutes) }}</span>
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
                @if (config('app.demo'))
                    <button class="btn btn-quiet" name="simulated" value="1">Use the simulated logger</button>
                @endif
            </form>
        </details>
    @endcan
</section>
<section class="panel grid gap-3" aria-label="Jobs">
    <h2>On from here</h2>
    @foreach ($bake->items->map(fn($i) => $i->part->job)->unique('id') as $job)
        @php($next = App\Actions\Rail\NextStop::afterBake($job))
        <div class="grid gap-1">
            <p><a href="/jobs/{{ $job->id }}">Job {{ $job->number }}, {{ $job->title }}</a>:
                {{ $next['why'] }}</p>
            @if ($next['to'] && $job->isOpen() && $job->station === Aenum\Core\Word\Station::Cure)
                @can('work')
                    <form method="post" action="/jobs/{{ $job->id }}/send"><x-once /><input type="hidden"
                            name="seen_at" value="8"><input type="hidden" name="to"
                            value="{{ $next['to']->value }}"><input type="hidden" name="note"
                            value="{{ $next['why'] }}"><button class="btn btn-do w-full">Hang it at
                            {{ $next['to']->label() }}</button></form>
                @endcan
            @endif
        </div>
    @endforeach
</section>
