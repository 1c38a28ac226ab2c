@use('App\Accounts\Models\Shop')
@use('App\Platform\Presentation\Units')
<x-layout :title="'Quote ' . $quote->number">
    <div class="flex flex-wrap items-end gap-3 mb-2">
        <h1>Quote {{ $quote->number }}</h1>
        <span class="ml-auto flex gap-2 no-print">
            <a class="btn btn-quiet" href="/quotes/{{ $quote->id }}/quote.pdf">PDF</a>
            <a class="btn btn-quiet" href="/jobs/{{ $quote->job_id }}/quote">Worked out</a>
            <a class="btn btn-quiet" href="/jobs/{{ $quote->job_id }}">The job</a>
        </span>
    </div>
    <article class="panel max-w-4xl mb-4">
        <p>{{ Shop::current()->name }} for {{ $quote->job->customer->name }}, {{ $quote->job->title }}.
            {{ $quote->at->format('j F Y') }}, {{ $quote->stateWords($today) }}.</p>
        <p class="num text-[2.2rem]">{{ $quote->money($quote->price()) }}</p>
        @if ($quote->deposit > 0)
            <p>Of it as a deposit {{ $quote->money($quote->deposit) }}.</p>
        @endif
        @foreach ($quote->says as $head => $lines)
            <h2 class="mt-3">{{ $head }}</h2>
            <ul class="list-disc pl-6">
                @foreach ($lines as $line)
                    <li>{{ $line }}</li>
                @endforeach
            </ul>
        @endforeach
        <p class="hint mt-3">The makers' sheets, local codes and licensed practice come first.</p>
    </article>
    @can('work')
        @if ($quote->isOpen($today))
            <form method="post" action="/quotes/{{ $quote->id }}/answer" class="panel max-w-4xl flex flex-wrap gap-3
                items-end mb-4 no-print"><x-once />
                <x-field name="name" label="Who answers" />
                <button class="btn btn-do" name="answer" value="accepted">Accepted</button>
                <button class="btn btn-quiet" name="answer" value="declined">Turned down</button>
            </form>
        @endif
    @endcan
    <section class="panel max-w-4xl no-print" aria-label="Lines">
        <h2>Quoted, and what it took</h2>
        @foreach ($byPart as $lines)
            <h3 class="mt-2">{{ $lines->first()->part->name }}</h3>
            @foreach ($lines as $line)
                <div class="border-t border-line py-1 flex flex-wrap gap-3 items-center">
                    <span class="w-72">{{ $line->kind->label() }}</span>
                    <span class="num w-28">{{ Units::minutes($line->minutes) }}</span>
                    <span class="num w-36">{{ $quote->money($line->money) }}</span>
                    @if ($line->actual_min !== null)
                        <b class="num">took {{ Units::minutes($line->actual_min) }}</b>
                    @endif
                    @if ($line->kind->isWork() && auth()->user()->can('work'))
                        <form method="post" action="/quote-lines/{{ $line->id }}/took" class="flex gap-2 items-center
                            ml-auto"><x-once />
                            <label class="hint" for="took-{{ $line->id }}">took, min</label>
                            <input id="took-{{ $line->id }}" name="took" inputmode="decimal" class="w-24">
                            <button class="btn btn-quiet">Keep</button>
                        </form>
                    @endif
                </div>
            @endforeach
        @endforeach
    </section>
</x-layout>
