@use('Aenum\Core\Inspection\ReworkMethod')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Presentation\Units')
@php($batch = $defect->batch)
@php($first = $board->diagnosis->first())
<x-layout :title="ucfirst($defect->kind->label())" :at="$batch->isOpen() ? $batch->station : null">
    <div class="grid grid-cols-[8rem_minmax(0,1fr)] gap-4 items-center mb-3">
        <x-fault-look :kind="$defect->kind" />
        <div>
            <h1>{{ ucfirst($defect->kind->label()) }} on {{ $defect->pieces }} of {{ $batch->count }}</h1>
            <p><a href="{{ $batch->page() }}">{{ $batch->title() }}</a>, job {{ $batch->part->job->number }};
                {{ $defect->user->name }}, {{ ShopClock::local($defect->at)->format('j M Y H:i') }}.
                <b @class(['wrong' => $defect->isOpen()])>{{ ucfirst($defect->state()) }}.</b></p>
            <p class="hint">{{ $board->looks() }}</p>
        </div>
    </div>
    @if ($board->mayLieOn()->isNotEmpty())
        @can('work')
            <form method="post" action="/defects/{{ $defect->id }}/batch"
                class="panel flex flex-wrap items-center gap-3 mb-3" aria-label="Parted since">
                <x-once />
                <p><b>The pieces were parted since.</b> Which does it lie on?</p>
                @foreach ($board->mayLieOn() as $one)
                    <button class="btn" name="lot" value="{{ $one->id }}">{{ $one->title() }}</button>
                @endforeach
                @error('lot')
                    <p class="wrong basis-full">{{ $message }}</p>
                @enderror
            </form>
        @endcan
    @endif
    <div class="grid grid-cols-2 max-[1000px]:grid-cols-1 gap-4 items-start">
        <section class="panel grid gap-2" aria-label="Why">
            <h2>{{ ucfirst($first->cause->label()) }}:
                {{ round(100 * $first->posterior) }} %<span class="hint font-normal"> by this job's record</span></h2>
            @if ($board->diagnosis->check)
                <p class="verdict"><strong>{{ $board->diagnosis->check->asks() }}</strong>
                    <span class="hint">That would tell most, {{ number_format($board->diagnosis->checkBits, 2) }}
                        bits.</span></p>
            @endif
            @foreach ($board->diagnosis->causes as $one)
                <div class="border-t border-line pt-1">
                    <p class="flex items-center gap-3">
                        <span class="num w-16 text-right">{{ round(100 * $one->posterior) }} %</span>
                        <svg class="share-bar w-28 shrink-0" viewBox="0 0 100 12" aria-hidden="true">
                            <rect class="share-all" width="100" height="12" />
                            <rect class="share-of" width="{{ round(100 * $one->posterior, 1) }}" height="12" />
                        </svg>
                        <b>{{ ucfirst($one->cause->label()) }}</b>
                        <span class="hint whitespace-nowrap">usually {{ round(100 * $one->prior) }} %</span>
                    </p>
                    <ul class="pl-[4.75rem]">
                        @foreach ($one->evidence as $evidence)
                            <li>{{ ucfirst($u->said($evidence->words())) }}
                                <span class="num hint">{{ sprintf('%+.1f', $evidence->weight) }}</span></li>
                        @endforeach
                    </ul>
                </div>
            @endforeach
            <p class="hint">None of these: {{ round(100 * $board->diagnosis->other) }} %. Figures beside the evidence
                are what it adds to the log-odds; +0.7 doubles the odds.
                @if ($board->unknown)
                    Not on record: {{ collect($board->unknown)->map->says()->join(', ') }}.
                @endif
            </p>
            @if ($defect->isPlaced())
                <x-pinned :part="$batch->part" :picture="$batch->part->pictures->firstWhere('id', $defect->picture_id)"
                    :defect="$defect" class="w-full max-h-[14rem]" />
            @endif
            @if ($defect->kind->mayReachMetal() && $batch->isOpen())
                @can('work')
                    <form method="post" action="/defects/{{ $defect->id }}/opened"
                        class="flex flex-wrap gap-2 items-center">
                        <x-once />
                        <span>{{ $defect->openedWords() }}</span>
                        <button class="btn btn-quiet" name="to_metal" value="yes">To metal</button>
                        <button class="btn btn-quiet" name="to_metal" value="no">Not to metal</button>
                    </form>
                @endcan
            @endif
        </section>
        <section class="panel grid gap-2" aria-label="What to do">
            <h2>What to do</h2>
            <p class="hint">
                General practice: {{ $defect->kind->remedy() }}. Next time: {{ $defect->kind->nextTime() }}.
            </p>
            @php($rework = $defect->rework())
            @if ($rework)
                @include('inspection.defects.decided')
            @endif
            @if ($defect->mayBeDecided())
                @forelse ($board->ways as $way)
                    @include('inspection.defects.way')
                @empty
                    <p>{{ $batch->isOpen() ? 'There is no baked film on it to mend.' : 'It has left the shop: take it '
                        .'in again as a job, and say so in a supplement to its record.' }}</p>
                @endforelse
            @endif
            @if (! $defect->isOpen() || ! $batch->isOpen())
                @include('inspection.defects.cause')
            @endif
            @if ($defect->reworks->isEmpty())
                @can('work')
                    <form method="post" action="/defects/{{ $defect->id }}/withdraw"><x-once />
                        <button class="btn btn-quiet">It is no fault: take it back</button></form>
                @endcan
            @endif
        </section>
    </div>
    @php($alike = $board->alike())
    @if ($alike->isNotEmpty())
        <section class="panel mt-4" aria-label="Same powder lot">
            <h2>From the same lot of powder</h2>
            <p class="hint">They may have it too{{ $defect->kind->showsLater()
                ? ': it shows hours to days later. Find all of them and bake what is short' : '' }}.</p>
            <ul class="columns-2 max-[900px]:columns-1">
                @foreach ($alike as $other)
                    <li>{{ $other->title() }}, job <a href="/jobs/{{ $other->part->job_id }}">{{
                        $other->part->job->number }}</a>, {{ $other->part->job->customer->name }}:
                        {{ $other->isOpen() ? 'hangs at '.$other->station->label() : $other->status }}
                        <a href="/batches/{{ $other->id }}/defects/create?kind={{ $defect->kind->value }}"
                            aria-label="It has it too: {{ $other->title() }}, job {{ $other->part->job->number }}">it
                            has it too</a></li>
                @endforeach
            </ul>
        </section>
    @endif
</x-layout>
