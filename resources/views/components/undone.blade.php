{{-- One step left undone, or all of them: done and not logged, not needed, or put off. --}}
@props(['step', 'name', 'me', 'now'])
@use('Aenum\Core\Trade\StepOutcome')
@use('App\Platform\Presentation\OldInput')
@php($field = "undone[{$step}]")
@php($key = "undone.{$step}")
<fieldset class="undone">
    <legend class="sr-only">{{ ucfirst($name) }}</legend>
    <div class="flex flex-wrap items-center gap-x-5">
        <b class="grow min-w-40" aria-hidden="true">{{ ucfirst($name) }}</b>
        @foreach (StepOutcome::cases() as $outcome)
            <label class="flex items-center gap-2 min-h-[44px] font-normal">
                <input type="radio" name="{{ $field }}[what]" value="{{ $outcome->value }}"
                    @checked(OldInput::text("{$key}.what") === $outcome->value)>
                {{ $outcome->label() }}
            </label>
        @endforeach
    </div>
    @error("{$key}.what")
        <p class="wrong">{{ $message }}</p>
    @enderror
    <div class="undone-who"><div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-3">
        <x-field :name="$field.'[who]'" :id="'who-'.$step" label="By whom" :value="$me" />
        <x-field :name="$field.'[at]'" :id="'at-'.$step" label="When" type="datetime-local" :value="$now" />
    </div></div>
    <div class="undone-why">
        <x-field :name="$field.'[why]'" :id="'why-'.$step" label="Why" />
    </div>
</fieldset>
