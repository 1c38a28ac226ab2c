@use('Aenum\Core\Units\Dimension')
{{-- One coat of a part: what it is, where on the part it goes, and how far it is baked. --}}
@props(['at', 'coat', 'powders'])
@php($usual = $at ? 'clear' : 'base')
<div class="grid grid-cols-[8rem_1fr_14rem_9rem_6rem] max-[1000px]:grid-cols-2 gap-3">
    <x-pick name="coats[{{ $at }}][role]" label="Coat {{ $at + 1 }}"
        :options="['primer' => 'Primer', 'base' => 'Base', 'mid' => 'Mid', 'clear' => 'Clear']"
        :value="$coat['role'] ?? $usual" />
    <x-pick name="coats[{{ $at }}][powder_id]" label="Powder" :options="$powders->pluck('name', 'id')"
        :value="$coat['powder_id'] ?? ''" empty="None" />
    <x-pick name="coats[{{ $at }}][bake_to]" label="Bake it until"
        :options="['full' => 'fully cured', 'flow' => 'flowed, for the next coat', 'part' => 'part cured']"
        :value="$coat['bake_to'] ?? ''" empty="as the house does" />
    <x-field name="coats[{{ $at }}][zone]" label="Where" :value="$coat['zone'] ?? ''" placeholder="all"
        list="zones" />
    <x-field name="coats[{{ $at }}][share]" label="Share" unit="%" :value="$coat['share'] ?? ''" placeholder="100"
        inputmode="decimal" />
    @if ($at > 0 && ($coat['zone'] ?? '') !== '')
        <div class="col-span-full max-w-64"><x-field name="coats[{{ $at }}][edge]" label="Edge to wipe along, a piece"
            :unit="$u->unit(Dimension::Size)" :value="$coat['edge'] ?? ''" inputmode="decimal"
            hint="Blank: estimated from the area." /></div>
    @endif
</div>
