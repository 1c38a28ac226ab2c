{{-- Ground checks of the day, and the trend of the racks. $ground --}}
@use('App\Application\Queries\GroundChecks')
@use('Aenum\Core\Preparation\Racking\Ground')
<section class="panel grid gap-2" aria-label="Ground">
    <h3>Ground</h3>
    @if ($ground->lines->isNotEmpty())
        <svg class="earth" viewBox="0 0 200 50" role="img"
            aria-label="Racks measured last: {{ collect($ground->points(200, 50))->pluck('says')->join(', ') }}">
            <line x1="0" x2="200" y1="7.1" y2="7.1" />
            @foreach ($ground->points(200, 50) as $point)
                <circle cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="4" />
            @endforeach
        </svg>
        <p class="hint">The last {{ $ground->lines->count() }} racks; the line is
            {{ Ground::words(Ground::LIMIT_OHM) }}. {{ $ground->trend() }}</p>
    @endif
    @if ($ground->missing())
        <p>Not checked today: {{ implode(', ', $ground->missing()) }}.</p>
    @else
        <p>Booth, gun, rail and person checked today.</p>
    @endif
    @can('work')
        <details @if ($errors->has('ohm_of') || $errors->has('ohm')) open @endif>
            <summary>Check one</summary>
            <form method="post" action="/ground-checks" class="grid gap-2">
                <x-once />
                <x-pick name="ohm_of" label="What" :options="GroundChecks::OF" />
                <x-field name="ohm" id="earth-ohm" label="To ground, Ω" inputmode="decimal"
                    hint="Such as 0.5, 1200, or 2e6." />
                <button class="btn">Write down</button>
            </form>
        </details>
    @endcan
</section>
