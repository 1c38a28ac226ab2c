@use('App\Support\ShopClock')
@use('Aenum\Core\Unit\Dimension', 'D')
<x-layout title="Cure" :at="$station">
    <h1 class="mb-3">Cure</h1>
    @foreach ($running as $bake)
        @php($pull = App\Actions\Oven\ExpectedPull::of($bake))
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
            @php($any = false)
            @foreach ($jobs as $job)
                @foreach ($job->parts as $part)
                    @foreach ($part->coats as $coat)
                        @php($free = $part->count - ($hanging[$coat->id] ?? 0))
                        @if (
                            !$coat->isDone() &&
                                $free > 0 &&
                                $part->coats->where('position', '<', $coat->position)->every(fn($c) => $c->isDone()))
                            @php($any = true)
                            <div class="flex flex-wrap items-center gap-3 border-t border-line pt-2">
                                <input type="checkbox" id="hang-{{ $coat->id }}"
                                    name="items[{{ $coat->id }}][hang]" value="1"
                                    @checked(old("items.{$coat->id}.hang"))>
                                <label for="hang-{{ $coat->id }}"
                                    class="grow min-w-48 py-2"><b>{{ $part->name }}</b> <span class="hint">job
                                        {{ $job->number }}, {{ strtolower($part->metalKind()->name) }}
                                        {{ $u->show(D::Mass, $part->mass_kg) }}</span><br>
                                    <span class="inline-flex items-center gap-2"><x-swatch
                                            :colour="$coat->powder->colour" />{{ $coat->role }}
                                                {{ $coat->powder->name }},
                                        {{ $coat->bake_to === 'flow' ? 'flow only' : 'full cure' }}{{
                                            $coat->results->isNotEmpty() ? ', goes back in' : '' }}</span></label>
                                <div class="w-28"><label class="sr-only" for="count-{{ $coat->id }}">Pieces
                                        of {{ $part->name }}</label><input id="count-{{ $coat->id }}"
                                        name="items[{{ $coat->id }}][count]"
                                        value="{{ App\Support\Typed::text("items.{$coat->id}.count", $free) }}"
                                        inputmode="numeric"></div>
                                <span class="hint w-16">of {{ $free }}</span>
                            </div>
                            @break
                        @endif
                    @endforeach
                @endforeach
            @endforeach
            @if ($any)
                @can('work')
                    <div class="flex flex-wrap items-end gap-3 border-t border-line pt-3">
                        <div class="grow"><x-pick name="oven_id" label="Oven" :options="$ovens->pluck('name', 'id')"
                            :value="$ovens->first()?->id" />
                        </div>
                        <button class="btn btn-do">Hang and work out the bake</button>
                    </div>
                @endcan
            @else
                <p>Nothing waits for the oven. Coated parts come on from Coat when it is signed there.</p>
            @endif
        </form>
        <div class="grid gap-4 content-start">
            <section aria-label="Planned loads">
                <h2 class="mb-2">Hung and worked out</h2>
                @forelse ($planned as $bake)
                    <a class="panel block no-underline mb-2"
                        href="/bakes/{{ $bake->id }}"><b>{{ $bake->oven->name }},
                            {{ $u->temp($bake->setpoint_c) }},
                            {{ App\Support\Units::minutes($bake->minutes) }}</b><br>{{ $bake->pieces() }}</a>
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
                            {{ $cool->gt(ShopClock::now()) ? 'to be touched from ' . ShopClock::time($cool) : 'cool'
                                }}</span></a>
                @empty
                    <p class="hint">Nothing yet.</p>
                @endforelse
            </section>
            <x-caution :says="$station->caution()" />
        </div>
    </div>
</x-layout>
