<x-layout title="Ways out">
    <h1 class="mb-1">Ways out for job {{ $batch->part->job->number }}, {{ $batch->partName() }}</h1>
    <p class="hint mb-3">Each was tried by a plan of its own, searched for a moment; what a longer search would find is
        not known. Nothing is changed by looking.</p>
    <div class="grid gap-3 max-w-4xl">
        @forelse ($ways as $way)
            <section @class(['verdict' => $way->meetsDate(), 'panel' => ! $way->meetsDate()])>
                <p><b>{{ $way->name() }}</b></p>
                <p>{{ $way->says() }}</p>
            </section>
        @empty
            <p class="panel">It is not in the plan, or nothing was promised for it.</p>
        @endforelse
    </div>
    <p class="mt-3"><a class="btn btn-quiet" href="/day">Back to the day</a></p>
</x-layout>
