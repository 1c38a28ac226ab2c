@use('App\Curing\Commands\UpdateExpectedPull')
@use('App\Platform\Clock\ShopClock')
<x-layout title="The rail">
    <div class="flex flex-wrap items-baseline justify-between gap-3 mb-3">
        <h1>What hangs where</h1>
        @if (collect($columns)->every(fn ($column) => $column->shown->isEmpty()))
            <p class="hint">Nothing hangs on the rail.</p>
        @endif
    </div>
    @foreach ($running as $bake)
        @php($pull = UpdateExpectedPull::of($bake))
        <a href="/bakes/{{ $bake->id }}"
            class="panel flex flex-wrap items-center gap-x-6 gap-y-1 mb-3 no-underline">
            <span class="num text-[2.6rem]" data-until="{{ $pull->getTimestampMs() }}"
                data-past="pull now">{{ ShopClock::time($pull) }}</span>
            <span><b>{{ $bake->oven->name }}</b> is baking {{ $bake->pieces() }}. Pull at
                {{ ShopClock::time($pull) }}.</span>
        </a>
    @endforeach
    @foreach ($bare as $clock)
        <a href="/station/{{ $clock->batch->station->value }}?lot={{ $clock->batch_id }}"
            class="panel flex flex-wrap items-center gap-x-6 gap-y-1 mb-3 no-underline {{
                $clock->due_at->lte(ShopClock::now()) ? 'wrong' : '' }}">
            <span class="num text-[1.8rem]" data-until="{{ $clock->due_at->getTimestampMs() }}"
                data-past="over">{{ ShopClock::time($clock->due_at) }}</span>
            <span><b>{{ ucfirst($clock->batch->partName()) }}</b>, job {{ $clock->batch->part->job->number }}: bare
                steel, powder on by
                {{ ShopClock::time($clock->due_at) }}{{ $clock->due_at->lte(ShopClock::now())
                    ? '; past its time, sweep-blast it again' : '' }}.</span>
        </a>
    @endforeach
    @foreach ($cooling as $bake)
        @php($cool = $bake->pulled_at->addMinutes((float) $bake->results->max('handle_minutes')))
        @if ($cool->gt(ShopClock::now()))
            <a href="/bakes/{{ $bake->id }}"
                class="panel flex flex-wrap items-center gap-x-6 gap-y-1 mb-3 no-underline">
                <span class="num text-[1.8rem]" data-until="{{ $cool->getTimestampMs() }}"
                    data-past="cool">{{ ShopClock::time($cool) }}</span>
                <span>{{ $bake->partNames() }}: hot until about {{ ShopClock::time($cool) }}.</span>
            </a>
        @endif
    @endforeach
    <div class="grid grid-cols-5 max-[900px]:grid-cols-2 gap-x-4 gap-y-5">
        @foreach ($columns as $column)
            @php($station = $column->station)
            <section aria-label="{{ $station->label() }}">
                <h2 class="flex items-baseline gap-2 border-b-4 border-line pb-1 mb-2"><span
                        class="num text-soft">{{ $station->place() }}</span><a class="no-underline"
                        href="/station/{{ $station->value }}">{{ $station->label() }}</a></h2>
                <div class="grid gap-2">
                    @forelse ($column->shown as $tag)
                        <x-tag :job="$tag->job" :which="$tag->which" :runs="$tag->runs" />
                    @empty
                        <p class="hint">free</p>
                    @endforelse
                    @if ($column->folded->isNotEmpty())
                        <details>
                            <summary>{{ $column->folded->count() }} more</summary>
                            <ul>
                                @foreach ($column->folded as $tag)
                                    <li><a class="inline-flex items-center min-h-[44px]"
                                        href="/jobs/{{ $tag->job->id }}">{{ $tag->job->number }}
                                        {{ $tag->which ?? $tag->job->title }}</a></li>
                                @endforeach
                            </ul>
                        </details>
                    @endif
                </div>
            </section>
        @endforeach
    </div>
</x-layout>
