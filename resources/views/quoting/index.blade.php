<x-layout title="Quotes">
    <h1 class="mb-3">Quotes</h1>
    <form method="get" action="/quotes" class="flex gap-3 items-end mb-3" role="search">
        <x-field name="q" label="Number, customer or job" :value="$find" type="search" />
        <button class="btn btn-quiet">Find</button>
    </form>
    @forelse ($quotes as $quote)
        <p class="panel mb-2"><a href="/quotes/{{ $quote->id }}"><b>Quote {{ $quote->number }}</b></a>,
            {{ $quote->job->customer->name }}, {{ $quote->job->title }}: {{ $quote->money($quote->price()) }},
            {{ $quote->stateWords($today) }}</p>
    @empty
        <p class="panel">None{{ $find === '' ? ' yet. A job at Intake leads to its quote' : ' found' }}.</p>
    @endforelse
</x-layout>
