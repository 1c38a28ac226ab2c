{{-- Raw powder off again. $spraying --}}
@use('Aenum\Core\Units\Dimension', 'D')
@if ($spraying)
    @can('work')
        <details class="panel" @if ($errors->has('why')) open @endif>
            <summary>Blow it off and spray again</summary>
            <form method="post" action="/sprayings/{{ $spraying->id }}/blow-off"
                class="flex flex-wrap items-end gap-3">
                <x-once />
                <div class="grow min-w-40"><x-field name="why" id="blow-why" label="Why" /></div>
                <div class="w-36"><x-field name="back" id="blow-back" label="Came back" :unit="$u->unit(D::Powder)"
                    inputmode="decimal" /></div>
                <button class="btn">Blown off</button>
            </form>
            <p class="hint">Only raw powder comes off; what has flowed is sanded or stripped. Respirator on.</p>
        </details>
    @endcan
@endif
