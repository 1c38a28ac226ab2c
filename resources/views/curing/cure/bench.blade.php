@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Curing\Commands\UpdateExpectedPull')
@use('App\Curing\ViewModels\AfterBake')
@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Presentation\Units')
<x-layout title="Cure" :at="$station">
    <h1 class="mb-3">Cure</h1>
    @foreach ($running as $bake)
        @php($pull = UpdateExpectedPull::of($bake))
        <a href="/bakes/{{ $bake->id }}" class="panel flex flex-wrap items-center gap-x-6 mb-3 no-underline">
            <span class="num text-[3rem]" data-until="{{ $pull->getTimestampMs() }}"
                data-past="pull now">{{ ShopClock::time($pull) }}</span>
            <span><b>{{ $bake->oven->name }}, {{ $u->temp($bake->setpoint_c) }}</b><br>{{ $bake->pieces() }}. Pull
                at {{ ShopClock::time($pull) }}.</span>
        </a>
    @endforeach
    <div class="grid grid-cols-[minmax(0,1fr)_22rem] max-[900px]:grid-cols-1 gap-5">
        <form method="post" action="/bakes" class="panel grid gap-3 content-start">
            <x-once />
            <h2>Hang a load</h2>
            @foreach ($waiting->filter(fn ($one) => $one->hangs()) as $one)
                <x-waiting :one="$one" />
            @endforeach
            @if ($waiting->contains(fn ($one) => $one->hangs()))
                @can('work')
                    <div class="flex flex-wrap items-end gap-3 border-t border-line pt-3">
                        <div class="grow">
                            <x-pick name="oven_id" label="Oven" :options="$ovenNames" :value="$freeOven" />
                        </div>
                        <button class="btn btn-do">Hang and work out the bake</button>
                    </div>
                @endcan
            @else
                <p>Nothing waits for the oven. Coated parts come on from Coat when it is signed there.</p>
            @endif
            @error('load')
                <p class="wrong">{{ $message }}</p>
            @enderror
        </form>
        <div class="grid gap-4 content-start">
            @php($done = $waiting->reject(fn ($one) => $one->hangs() || $one->inALoad()))
            @if ($done->isNotEmpty())
                <section class="panel grid gap-3" aria-label="Not for the oven">
                    <h2>Here, and not for the oven</h2>
                    @foreach ($done as $one)
                        <x-on-from-oven :one="AfterBake::ofLot($one->batch)" :says="$one->why" />
                    @endforeach
                </section>
            @endif
            <section aria-label="Planned loads">
                <h2 class="mb-2">Hung and worked out</h2>
                @forelse ($planned as $bake)
                    <a class="panel block no-underline mb-2"
                        href="/bakes/{{ $bake->id }}"><b>{{ $bake->oven->name }},
                            {{ $u->temp($bake->setpoint_c) }},
                            {{ Units::minutes($bake->minutes) }}</b><br>{{ $bake->pieces() }}</a>
                @empty
                    <p class="hint">No load waits.</p>
                @endforelse
            </section>
            <section aria-label="Out of the oven">
                <h2 class="mb-2">Out of the oven</h2>
                @forelse ($pulled as $bake)
                    @php($cool = $bake->pulled_at->addMinutes((float) $bake->results->max('handle_minutes')))
                    <a class="panel block no-underline mb-2"
                        href="/bakes/{{ $bake->id }}">{{ $bake->partNames() }}<br><span class="hint">pulled
                            {{ ShopClock::time($bake->pulled_at) }},
                            {{ $cool->gt(ShopClock::now())
                                ? 'to be touched from about ' . ShopClock::time($cool) : 'cool'
                                }}</span></a>
                @empty
                    <p class="hint">Nothing yet.</p>
                @endforelse
            </section>
            <x-caution :says="$station->caution()" />
        </div>
    </div>
</x-layout>
