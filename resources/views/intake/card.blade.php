@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Routing\Queries\CounterAdvice')
@use('App\Routing\Queries\TravelerOven')
@use('App\Platform\Clock\ShopClock')
<x-layout :title="'Card of job ' . $job->number" :at="$job->isOpen() ? $job->station : null">
    <p class="no-print hint mb-3">The traveler goes with the parts. Print it from the browser: one sheet a
        part, A5 or, on US letter units, half letter. The code opens the job on a tablet.</p>
    @forelse ($routes as $route)
        @php($part = $route->part)
        @php($oven = TravelerOven::ofPart($part))
        <article class="panel card mb-4 {{ $u->system->value === 'us' ? 'card-half-letter' : '' }}"
            aria-label="Card of {{ $part->name }}">
            <div class="grid grid-cols-[minmax(0,1fr)_7.5rem] gap-4 items-start">
                <div>
                    <p class="num text-[2.6rem]">{{ $job->number }}</p>
                    <h1>{{ $part->count }} × {{ $part->name }}</h1>
                    <p>{{ $job->customer->name }}{{ $job->due_on ? ', due ' . $job->due_on->format('j M Y') : '' }}
                    </p>
                    <p>{{ $part->metalKind()->name }}, {{ $u->ofOne($part) }}</p>
                    @foreach ($part->coats as $coat)
                        <p class="flex items-center gap-2"><x-swatch :colour="$coat->powder->colour" />
                            {{ $coat->position }}.
                            {{ $coat->role }}
                            {{ $coat->powder->name }}{{ $coat->powder->lot ? ', lot ' . $coat->powder->lot : '' }},
                            {{ $coat->bakeTo()->label() }}</p>
                    @endforeach
                </div>
                <x-qr :text="url('/jobs/' . $job->id)" :label="'Opens job ' . $job->number" />
            </div>
            @php($picture = $part->picturePinned())
            @if ($part->isPictured())
                <div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] gap-3 mt-2 card-pins"><x-pinned
                        :part="$part" :picture="$picture" /><x-pin-list :part="$part" :pins="$part->pins" />
                </div>
            @endif
            @if ($part->bags->isNotEmpty())
                <p><b>Bags:</b>
                    {{ $part->bags->map(fn($b) => $b->name . ', ' . $b->count . ' ' . $b->holds)->join('; ') }}</p>
            @endif
            <x-promise :promise="CounterAdvice::promise($route)" />
            @if ($route->holding())
                <p class="wrong">Held:
                    {{ collect($route->holding())->map(fn($f) => $u->said($f->evidence))->join('; ') }}.</p>
            @endif
            <ol class="card-steps mt-2">
                @foreach ($route->steps as $n => $step)
                    <li class="flex items-baseline gap-2 border-t border-line py-[0.15rem]"><span class="card-box"
                            aria-hidden="true"></span><span
                            class="num w-6">{{ $n + 1 }}</span><span><b>{{ ucfirst($step->name()) }}</b>
                            {{ $oven->line($step) }}
                        </span>
                    </li>
                @endforeach
            </ol>
            <ul class="mt-2">
                @foreach ($route->stations() as $station)
                    @continue($station->caution() === null)
                    <li><b>{{ $station->label() }}:</b> {{ $u->said($station->caution()) }}</li>
                @endforeach
            </ul>
            <p class="hint">Printed {{ ShopClock::local(ShopClock::now())->format('j M Y H:i') }}. Local codes
                and the makers' sheets come first.</p>
        </article>
    @empty
        <p class="panel">No parts written down yet, so there is no card.</p>
    @endforelse
</x-layout>
