@use('Aenum\Core\Thermal\Cooling')
@use('Aenum\Core\Trade\Station')
@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Demo\SimulatedDevices')
@php($cool = $bake->pulled_at->addMinutes((float) $bake->results->max('handle_minutes')))
<div class="panel">
    <p class="hint">{{ $cool->gt($board->now) ? 'Too hot to touch for about' : 'Cool since ' . ShopClock::time($cool) }}
    </p>
    <p class="num text-[4.2rem]" data-until="{{ $cool->getTimestampMs() }}" data-past="cool">
        {{ ShopClock::time($cool) }}</p>
    <p>All of it under {{ $u->temp(max(Cooling::HANDLE_C, $bake->ambient_c + 5)) }} from
        <b>{{ ShopClock::time($cool) }}</b>, hanging in still air.</p>
</div>
<x-caution :says="Station::Cure->caution()" />
@include('curing.cure.came-out')
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
                @if (SimulatedDevices::answer())
                    <button class="btn btn-quiet" name="simulated" value="1">Use the simulated logger</button>
                @endif
            </form>
        </details>
    @endcan
</section>
