@use('App\Platform\Clock\ShopClock')
<x-layout title="Faults">
    <h1 class="mb-3">Faults</h1>
    @if ($open->isNotEmpty())
        <section class="panel mb-4" aria-label="Open">
            <h2>Open</h2>
            <ul>
                @foreach ($open as $defect)
                    <li class="flex flex-wrap items-center gap-3 border-t border-line py-1">
                        <x-fault-look :kind="$defect->kind" class="w-14" />
                        <span class="grow"><b>{{ ucfirst($defect->kind->label()) }}</b> on {{ $defect->pieces }} of
                            {{ $defect->batch->title() }}, job {{ $defect->batch->part->job->number }}<br>
                            <span class="hint">{{ $defect->state() }},
                                {{ ShopClock::local($defect->at)->format('j M Y') }}</span></span>
                        <a class="btn" href="/defects/{{ $defect->id }}"
                            aria-label="See {{ $defect->kind->label() }} of job {{
                                $defect->batch->part->job->number }}">See</a>
                    </li>
                @endforeach
            </ul>
        </section>
    @else
        <p class="panel mb-4">No fault is open. What is found at Inspect is pinned there; this is how each looks.</p>
    @endif
    <div class="grid grid-cols-3 max-[1100px]:grid-cols-2 max-[700px]:grid-cols-1 gap-3">
        @foreach ($kinds as $kind)
            <article class="panel grid grid-cols-[6rem_minmax(0,1fr)] gap-3 content-start">
                <x-fault-look :kind="$kind" />
                <div>
                    <h3>{{ ucfirst($kind->label()) }}</h3>
                    <p>{{ ucfirst($kind->looks()) }}.</p>
                    <p class="hint">Usually: {{ collect($kind->causes())->map->label()->join(', then ') }}.</p>
                    <p><b>Now:</b> {{ $kind->remedy() }}. <b>Next time:</b> {{ $kind->nextTime() }}.</p>
                </div>
            </article>
        @endforeach
    </div>
</x-layout>
