{{-- A weight: typed, or read off the stand-in of a scale. $name, $shows, $spraying, $asked --}}
@use('Aenum\Core\Unit\Dimension', 'D')
@use('App\Devices\StandIns')
<div id="scale-{{ $name }}" class="flex items-end gap-2">
    <div class="w-36">
        <x-field :name="$name" :label="$name === 'weighed' ? 'Weighed out' : 'Came back'" :unit="$u->unit(D::Powder)"
            :value="$shows" inputmode="decimal" />
    </div>
    @if (StandIns::answer())
        <button type="button" class="btn btn-quiet" hx-target="#scale-{{ $name }}" hx-swap="outerHTML"
            hx-get="/scale?asked={{ round($asked) }}&spraying={{ $spraying }}"
            aria-label="{{ $name === 'weighed' ? 'Weigh out' : 'Weigh what came back' }} on the simulated scale">Scale
        </button>
    @endif
</div>
