@use('Aenum\Core\Unit\Dimension', 'D')
<div id="reading-field">
    <x-field name="shown" label="It shows" :unit="$u->unit(D::Temperature)"
        :value="$shown === null ? '' : $u->field(D::Temperature, $shown, 1)" inputmode="decimal" />
    <input type="hidden" name="source" value="{{ $source }}">
</div>
