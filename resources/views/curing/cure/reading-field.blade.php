@use('Aenum\Core\Units\Dimension', 'D')
<div id="reading-field">
    <x-field name="shown" label="It shows" :unit="$u->unit(D::Temperature)"
        :value="$shown === null ? '' : $u->field(D::Temperature, $shown, 1)" inputmode="decimal" />
    <x-field name="display" label="The oven shows" :unit="$u->unit(D::Temperature)" inputmode="decimal"
        :value="$display === null ? '' : $u->field(D::Temperature, $display, 0)"
        hint="Its own display now, where you can see it: it narrows the band." />
    <input type="hidden" name="source" value="{{ $source }}">
</div>
