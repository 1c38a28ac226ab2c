@use('App\Platform\Presentation\Units')
<x-layout :title="'Quote for job ' . $board->job->number" :at="$board->job->isOpen() ? $board->job->station : null">
    <div class="flex flex-wrap items-end gap-3 mb-3">
        <h1>Quote for job {{ $board->job->number }}, {{ $board->job->title }}</h1>
        <a class="btn btn-quiet ml-auto" href="/jobs/{{ $board->job->id }}">The job</a>
        <a class="btn btn-quiet" href="/quote-policies">Policies</a>
    </div>
    @if ($board->total() !== null)
        <p class="mb-3"><span class="num text-[2.6rem]">{{ $board->money($board->total()) }}</span>
            for {{ $board->job->customer->name }}</p>
    @endif
    @if ($board->missingPrice())
        <p class="verdict mb-3" data-tone="stop"><b>{{ $board->missingPrice() }}</b>
            @can('manage')
                <a href="/shop">Shop settings</a>
            @endcan
        </p>
    @endif
    @foreach ($board->parts as ['part' => $part, 'quotes' => $quotes, 'why' => $why, 'bare' => $bare])
        @if ($why !== null)
            <p class="verdict mb-3" data-tone="stop"><b>{{ ucfirst($part->name) }}:</b> {{ $why }}</p>
        @endif
        @if ($bare)
            <p class="verdict mb-3" data-tone="stop"><b>{{ ucfirst($part->name) }}:</b> no coat is chosen. This is
                the price of taking off, blasting and cleaning alone.</p>
        @endif
        @foreach ($quotes as $if => $quote)
            @php($asked = $quote->asked())
            <section class="panel mb-4" aria-label="{{ trim("{$part->name} {$if}") }}">
                <h2>{{ $part->count }} × {{ trim("{$part->name} {$if}") }}: {{ $board->money($asked->total()) }}</h2>
                @foreach ($asked->refused as $refused)
                    <p class="verdict" data-tone="stop">{{ $refused }}</p>
                @endforeach
                <p class="hint mb-2">{{ $board->sure($asked) }}
                    {{ $board->money($quote->shared()) }} of it is shared, however many there are.</p>
                <div class="flex flex-wrap gap-6 mb-2">
                    @foreach ($quote->byCount as $count => $at)
                        <p><b class="num">{{ $count }}</b> {{ $count === 1 ? 'piece' : 'pieces' }}:
                            {{ $board->money($at->total()) }}, {{ $board->money($at->each()) }} each</p>
                    @endforeach
                </div>
                @foreach ($asked->lines as $line)
                    <details class="border-t border-line">
                        <summary><span class="inline-block w-80">{{ $line->kind->label() }}</span>
                            <span class="num inline-block w-32">{{ Units::minutes($line->minutes) }}</span>
                            <span class="num">{{ $board->money($line->money()) }}</span></summary>
                        <ul class="list-disc pl-6 pb-2">
                            @foreach ($line->rests as $rests)
                                <li>{{ $u->said($rests) }}</li>
                            @endforeach
                            <li>{{ $board->money($line->hands) }} of hands, {{ $board->money($line->material) }}
                                of material</li>
                        </ul>
                    </details>
                @endforeach
            </section>
        @endforeach
    @endforeach
    @can('work')
        @if ($board->job->isOpen())
            <form method="post" action="/jobs/{{ $board->job->id }}/quotes"
                class="panel grid grid-cols-[1fr_1fr_auto] max-[900px]:grid-cols-1 gap-3 items-end mb-3"><x-once />
                <x-field name="valid_until" label="Valid until" type="date" :value="$until" />
                <x-field name="set_price" label="Price for the set, where another is told" inputmode="decimal" />
                <button class="btn btn-do">Write the quote</button>
            </form>
        @endif
    @endcan
    @foreach ($board->told as $told)
        <p class="panel mb-2"><a href="/quotes/{{ $told->id }}"><b>Quote {{ $told->number }}</b></a>,
            {{ $told->money($told->price()) }}, {{ $told->stateWords($today) }}</p>
    @endforeach
</x-layout>
