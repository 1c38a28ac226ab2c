@use('Aenum\Core\Materials\MetalCatalog')
@use('Aenum\Core\Materials\MetalQuestions', 'Q')
@use('Aenum\Core\Trade\Station')
@use('Aenum\Core\Units\Dimension', 'D')
<x-layout title="Which metal is it" :at="Station::Intake">
    <h1 class="mb-3">Which metal is it?</h1>
    <form method="get" action="/metal" hx-get="/metal" hx-trigger="change" hx-target="#found" hx-select="#found"
        hx-swap="outerHTML" hx-sync="this:replace" hx-push-url="true"
        class="grid grid-cols-[minmax(0,1fr)_24rem] max-[1000px]:grid-cols-1 gap-5">
        @if ($job)
            <input type="hidden" name="job" value="{{ $job->id }}">
        @endif
        @if ($part)
            <input type="hidden" name="part" value="{{ $part->id }}">
        @endif
        <div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-3 content-start">
            @foreach (Q::QUESTIONS as $key => [$asked, $answers])
                <fieldset class="panel">
                    <legend class="px-1">{{ $asked }}</legend>
                    @foreach (['' => 'not tried'] + $answers as $answer => $said)
                        <label class="flex items-center gap-3 min-h-[44px] font-normal"><input type="radio"
                                id="{{ $key }}-{{ $answer }}" name="{{ $key }}"
                                value="{{ $answer }}" @checked(($given[$key] ?? '') === $answer)>
                            {{ $said }}</label>
                    @endforeach
                </fieldset>
            @endforeach
            <div class="panel grid grid-cols-2 gap-3"><x-field name="air" label="Weighed in air"
                    :unit="$u->unit(D::Mass)" :value="$air" /><x-field name="water" label="hanging under water"
                    :unit="$u->unit(D::Mass)" :value="$water" />
                <p class="hint col-span-2">Density decides where the rest does not: a piece on a thread, first in
                    air, then under water and touching nothing.</p>
            </div>
        </div>
        <div class="grid gap-3 content-start">
            <section id="found" class="panel" aria-label="What it can be" aria-live="polite">
                <p class="num text-[2rem]">
                    {{ $found->leftWords() }}
                </p>
                @if ($found->next)
                    <p class="verdict my-2"><b>Ask this next:</b> {{ lcfirst(Q::QUESTIONS[$found->next][0]) }}</p>
                @endif
                @if ($wrong)
                    <p class="wrong">{{ $wrong }}</p>
                @endif
                @if ($found->densityKgM3)
                    <p>Density {{ number_format($found->densityKgM3 / 1000, 2) }} kg a litre.</p>
                @endif
                @if ($found->left === [])
                    <p>The answers contradict each other. Try again in another spot: a plated or painted surface
                        tells lies.</p>
                @endif
                <ul>
                    @foreach ($found->left as $metal)
                        <li>{{ MetalCatalog::get($metal)->name }}@if (Q::warning($metal))
                                <b class="wrong">{{ Q::warning($metal) }}</b>
                                @endif @if ($job)
                                    @can('work')
                                        <a class="inline-flex items-center min-h-[44px] ml-2"
                                            href="{{ $part ? "/parts/{$part->id}/edit" : "/jobs/{$job->id}/parts/create"
                                                }}?metal={{ $metal }}">write
                                            the part down as this</a>
                                    @endcan
                                @endif
                        </li>
                    @endforeach
                </ul>
                @if ($found->next === null && count($found->left) > 1)
                    <p class="hint">No question here parts these any further; weigh it under water, or ask the
                        owner.</p>
                @endif
            </section>
            <button class="btn btn-do">What is it?</button>
            <a class="btn btn-quiet" href="/metal{{ $job ? '?job=' . $job->id : '' }}">Start over</a>
        </div>
    </form>
</x-layout>
