{{-- A lot on the job's page: where it hangs, how far it is, what is next. --}}
@props(['walk', 'alone' => false])
@use('Aenum\Core\Trade\Station')
@php($batch = $walk->batch)
<section class="grid gap-2" id="lot-{{ $batch->id }}" aria-label="{{ $batch->title() }}">
    @if (! $batch->isOpen())
        <p class="panel"><b>{{ ucfirst($batch->title()) }}</b>: {{ $batch->status }}.</p>
    @else
        <div class="panel grid gap-2">
            <h2>{{ ($alone ? 'At ' : ucfirst($batch->title()).' at ').$batch->station->label() }}</h2>
            <p class="hint">{{ $walk->progress() }} done or not needed.</p>
            @if ($alone)
                <p>{{ $batch->station->work() }}</p>
            @endif
            @if ($batch->station !== Station::Intake)
                <p><a class="btn btn-do" href="/station/{{ $batch->station->value }}?lot={{ $batch->id }}">To the
                        {{ $batch->station->label() }} bench</a></p>
            @endif
        </div>
        @if ($alone || $batch->station === Station::Intake)
            <x-lot-steps :walk="$walk" />
        @endif
    @endif
</section>
