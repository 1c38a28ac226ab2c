{{-- A lot that may go into the oven: ticked, with how many of its pieces. --}}
@props(['one'])
@use('Aenum\Core\Unit\Dimension', 'D')
@php($lot = $one->lot)
@php($coat = $one->coat)
<div class="flex flex-wrap items-center gap-3 border-t border-line pt-2">
    <input type="checkbox" id="hang-{{ $lot->id }}" name="items[{{ $lot->id }}][hang]" value="1"
        @checked($errors->any() ? old("items.{$lot->id}.hang") : request()->integer('lot') === $lot->id)>
    <label for="hang-{{ $lot->id }}" class="grow min-w-48 py-2">
        <b>{{ $lot->partName() }}</b>
        <span class="hint">job {{ $lot->part->job->number }}, {{ strtolower($lot->part->metalKind()->name) }}
            {{ $u->ofOne($lot->part) }}</span><br>
        <span class="inline-flex items-center gap-2">
            <x-swatch :colour="$coat->powder->colour" />
            {{ $coat->role }} {{ $coat->powder->name }}, {{ $coat->bakeTo()->label() }}{{
                $one->film === null ? '' : ', '.$one->film }}
        </span>
    </label>
    <div class="w-28">
        <label class="sr-only" for="count-{{ $lot->id }}">Pieces of {{ $lot->partName() }}</label>
        <input id="count-{{ $lot->id }}" name="items[{{ $lot->id }}][count]" inputmode="numeric"
            value="{{ App\Support\Typed::text("items.{$lot->id}.count", $one->free) }}">
    </div>
    <span class="hint w-16">of {{ $one->free }}</span>
</div>
@error("items.{$lot->id}")
    <p class="wrong">{{ $message }}</p>
@enderror
