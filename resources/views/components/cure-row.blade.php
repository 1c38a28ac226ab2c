{{-- One row of a powder's cure schedule. --}}
@props(['at', 'row'])
@use('Aenum\Core\Units\Dimension', 'D')
<div class="grid grid-cols-3 gap-3">
    <x-field name="rows[{{ $at }}][pmt_c]" label="Metal at" :unit="$u->unit(D::Temperature)"
        :value="$row['pmt_c'] ?? ''" />
    <x-field name="rows[{{ $at }}][min_minutes]" label="Needs, min" :value="$row['min_minutes'] ?? ''" />
    <x-field name="rows[{{ $at }}][max_minutes]" label="Stands, min" :value="$row['max_minutes'] ?? ''"
        hint="Empty where the sheet is silent." />
</div>
