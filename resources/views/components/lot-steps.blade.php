@use('Aenum\Core\Trade\Station')
@use('App\Platform\Presentation\OldInput')
@use('App\Routing\Queries\BatchPause')
{{-- What is to be done here on a lot, ticked; and on to where its route goes. --}}
@props(['walk'])
@php($batch = $walk->batch)
@php($to = $walk->nextStation())
@php($pause = BatchPause::of($walk))
@php($here = $walk->some($walk->walk->here($batch->station)))
<section class="panel grid gap-3 no-print" aria-label="Steps of {{ $batch->title() }}">
    @if ($pause)
        <p @class(['wrong' => $pause->late])>{{ ucfirst($pause->says) }}.</p>
    @endif
    @if ($here)
        <ul class="grid gap-1">
            @foreach ($here as $line)
                <li class="flex flex-wrap items-center justify-between gap-3">
                    <span>
                        <b>{{ ucfirst($line->name) }}</b>
                        <span class="hint">{{ $u->said($line->step->takes()) }}</span>
                        @if ($line->film)
                            <span class="hint">· {{ $u->said($line->film) }}</span>
                        @endif
                    </span>
                    @if ($line->step->kind->hasOwnLog())
                        <span class="hint">its own log ticks it</span>
                    @else
                        @can('work')
                            <form method="post" action="/batches/{{ $batch->id }}/tick">
                                <x-once />
                                <input type="hidden" name="step" value="{{ $line->key }}">
                                <button class="btn" aria-label="Tick {{ $line->name }}">Tick</button>
                            </form>
                        @endcan
                    @endif
                </li>
            @endforeach
        </ul>
        @php($byHand = collect($here)->reject(fn ($line) => $line->step->kind->hasOwnLog()))
        @if ($byHand->count() > 1)
            @can('work')
                <form method="post" action="/batches/{{ $batch->id }}/tick">
                    <x-once />
                    @foreach ($byHand as $line)
                        <input type="hidden" name="steps[]" value="{{ $line->key }}">
                    @endforeach
                    <button class="btn">All {{ $byHand->count() }} done</button>
                </form>
            @endcan
        @endif
    @endif
    @if ($batch->station !== Station::Release)
        @can('work')
            <form method="post" action="/batches/{{ $batch->id }}/go" class="flex flex-wrap gap-3 items-end">
                <x-once />
                <input type="hidden" name="seen_at" value="{{ $batch->station->value }}">
                <input type="hidden" name="to" value="{{ $to->value }}">
                <div class="grow min-w-48">
                    <label for="note-{{ $batch->id }}" class="hint">Note, if there is one</label>
                    <input id="note-{{ $batch->id }}" name="note" maxlength="500"
                        value="{{ OldInput::text('note') }}">
                </div>
                <button class="btn btn-do" name="then" value="on">Done here: sign, on to {{ $to->label() }}</button>
            </form>
        @endcan
    @endif
    <details @if ($errors->hasAny(['pieces', 'each', 'into', 'scrapped', 'why', 'to'])) open @endif>
        <summary>{{ ucfirst($walk->progress()) }} · split, join, scrap, send elsewhere</summary>
        <div class="grid gap-4">
            <x-lot-route :walk="$walk" />
            @can('work')
                <x-lot-tools :walk="$walk" />
            @endcan
        </div>
    </details>
</section>
