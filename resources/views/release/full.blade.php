@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Presentation\OldInput')
@use('App\Release\ViewModels\CertificateBatch')
@php($job = $record->job)
<x-layout :title="'Record of job '.$job->number" :at="$job->isOpen() ? $job->station : null">
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1 mb-3 no-print">
        <a class="btn btn-do" href="/jobs/{{ $job->id }}/sheet">The customer's sheet</a>
        <a class="btn" href="/jobs/{{ $job->id }}/sheet.pdf">PDF</a>
        <a class="btn btn-quiet" href="/jobs/{{ $job->id }}/care">Care sheet</a>
        <a class="btn btn-quiet" href="/jobs/{{ $job->id }}/record.json">JSON</a>
        <a class="btn btn-quiet" href="/jobs/{{ $job->id }}/readings.csv">Readings, CSV</a>
        <a class="btn btn-quiet" href="/jobs/{{ $job->id }}/curves.csv">Curves, CSV</a>
        <a class="btn btn-quiet" href="/jobs/{{ $job->id }}">The job</a>
    </div>
    <div class="panel mb-4"><x-record-sheet :sheet="$sheet" /></div>
    @can('work')
        @if ($record->digest() !== null)
            <div class="grid grid-cols-2 max-[1000px]:grid-cols-1 gap-4 mb-4 no-print">
                <form method="post" action="/jobs/{{ $job->id }}/supplements" class="panel grid gap-2 content-start">
                    <x-once />
                    <h2>Add a supplement</h2>
                    <p class="hint">What was released stays as it was. What is found to be otherwise stands beside it,
                        dated.</p>
                    <label for="wording">What is otherwise</label>
                    <textarea id="wording" name="wording" rows="3">{{ OldInput::text('wording') }}</textarea>
                    <button class="btn">Add it</button>
                </form>
                <section class="panel grid gap-2 content-start" aria-label="Customer's copy">
                    <h2>The customer's copy</h2>
                    @if (session('link'))
                        <p class="verdict break-all"><strong>{{ session('link') }}</strong></p>
                    @endif
                    @forelse ($links as $link)
                        <form method="post" action="/record-links/{{ $link->id }}/withdraw"
                            class="flex items-center justify-between gap-3 border-t border-line pt-1">
                            <x-once />
                            <span>An address of {{ ShopClock::local($link->at)->format('j M Y') }} by
                                {{ $link->user->name }}, opened {{ $link->opened }}
                                {{ $link->opened === 1 ? 'time' : 'times' }}</span>
                            <button class="btn btn-quiet">Close it</button>
                        </form>
                    @empty
                        <p class="hint">No address is open. One shows the sheet and its PDF to whoever has it, and
                            nothing else.</p>
                    @endforelse
                    <form method="post" action="/jobs/{{ $job->id }}/links"><x-once />
                        <button class="btn">Make an address</button></form>
                </section>
            </div>
        @endif
    @endcan
    @foreach ($record->documents as $document)
        <x-record-full :document="$document" />
    @endforeach
    <section class="panel" aria-label="Moves">
        <h2>Moves</h2>
        <ol class="columns-2 max-[900px]:columns-1">
            @foreach ($moves as $move)
                <li class="mb-1"><x-move :move="$move" /></li>
            @endforeach
        </ol>
    </section>
</x-layout>
