@use('Aenum\Core\Inspection\MovingRange')
<x-layout title="What the shop has learned">
    <h1 class="mb-1">What the shop has learned</h1>
    <p class="hint mb-3">Lots handed over within a year. Every share stands with what it is of, and between what it lies
        19 times in 20; where the lines overlap, the figures say no difference.</p>
    @if ($notes !== [])
        <section class="panel mb-3" aria-label="Heed">
            <h2>Heed</h2>
            <ul class="list-disc pl-6">
                @foreach ($notes as $note)
                    <li>{{ $note }}</li>
                @endforeach
            </ul>
        </section>
    @endif
    @if ($board->firstPass() === null)
        <p class="panel">Nothing was handed over within a year. With the first lots this page begins to say
            something.</p>
    @else
        <div class="grid grid-cols-3 max-[1100px]:grid-cols-1 gap-4 items-start">
            <section class="panel" aria-label="First pass">
                <h2>At the first pass</h2>
                <p><span class="num text-[2.6rem]">{{ round(100 * $board->firstPass()->share->share) }} %</span>
                    {{ $board->firstPass()->words() }}</p>
                <x-share-chart :rows="$board->byMonth()" label="First pass by month" />
            </section>
            <section class="panel" aria-label="Faults">
                <h2>What goes wrong</h2>
                <x-share-chart :rows="$board->byKind()" label="Lots with each kind of fault" />
            </section>
            <section class="panel" aria-label="Causes">
                <h2>What it was from</h2>
                <ul>
                    @forelse ($board->byCause() as $cause => $n)
                        <li class="flex justify-between border-t border-line py-1"><span>{{ $cause }}</span>
                            <span class="num">{{ $n }}</span></li>
                    @empty
                        <li class="hint">No cause was confirmed yet. Closing a fault asks for it.</li>
                    @endforelse
                </ul>
            </section>
            @foreach ($board->where() as $by => $rows)
                <section class="panel" aria-label="{{ $by }}">
                    <h2>{{ $by }}: lots with a fault</h2>
                    <x-share-chart :rows="$rows" :label="$by.': lots with a fault'" />
                </section>
            @endforeach
        </div>
    @endif
    <h2 class="mt-5 mb-2">Drift</h2>
    <p class="hint mb-2">One value after the other; middle and limits are of the first
        {{ MovingRange::TO_SET }}. Fewer set none.</p>
    <div class="grid grid-cols-3 max-[1100px]:grid-cols-2 max-[700px]:grid-cols-1 gap-4">
        @foreach ($films as $chart)
            <x-drift-chart :chart="$chart" what="film, 1 is the middle of its band" />
        @endforeach
        @foreach ($doses as $chart)
            <x-drift-chart :chart="$chart" what="least dose of each load" />
        @endforeach
        @if ($films === [] && $doses === [])
            <p class="panel">Nothing was measured twice yet.</p>
        @endif
    </div>
</x-layout>
