@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Presentation\OldInput')
{{-- A lot that may go into the oven: ticked, with how many of its pieces. --}}
@props(['one'])
@php($batch = $one->batch)
@php($coat = $one->coat)
<div class="flex flex-wrap items-center gap-3 border-t border-line pt-2">
    <input type="checkbox" id="hang-{{ $batch->id }}" name="items[{{ $batch->id }}][hang]" value="1"
        @checked($errors->any() ? old("items.{$batch->id}.hang") : request()->integer('lot') === $batch->id)>
    <label for="hang-{{ $batch->id }}" class="grow min-w-48 py-2">
        <b>{{ $batch->partName() }}</b>
        <span class="hint">job {{ $batch->part->job->number }}, {{ strtolower($batch->part->metalKind()->name) }}
            {{ $u->ofOne($batch->part) }}</span><br>
        <span class="inline-flex items-center gap-2">
            <x-swatch :colour="$coat->powder->colour" />
            {{ $coat->role }} {{ $coat->powder->name }}, {{ $coat->bakeTo()->label() }}{{
                $one->film === null ? '' : ', '.$one->film }}
        </span>
    </label>
    <div class="w-28">
        <label class="sr-only" for="count-{{ $batch->id }}">Pieces of {{ $batch->partName() }}</label>
        <input id="count-{{ $batch->id }}" name="items[{{ $batch->id }}][count]" inputmode="numeric"
            value="{{ OldInput::text("items.{$batch->id}.count", $one->free) }}">
    </div>
    <span class="hint w-16">of {{ $one->free }}</span>
</div>
@error("items.{$batch->id}")
    <p class="wrong">{{ $message }}</p>
@enderror
