@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Inspection\Models\Weight')
@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Demo\SimulatedDevices')
{{-- A weight: typed, or from the scale that sent one, else the stand-in. $name, $shows, $spraying, $asked --}}
@php($sent = Weight::latest(ShopClock::now()))
@php([$label, $does] = $name === 'weighed' ? ['Weighed out', 'Weigh out'] : ['Came back', 'Weigh what came back'])
<div id="scale-{{ $name }}" class="flex items-end gap-2">
    <div class="w-36">
        <x-field :name="$name" :label="$label" :unit="$u->unit(D::Powder)"
            :value="$shows" inputmode="decimal" />
    </div>
    @if ($sent !== null || SimulatedDevices::answer())
        <button type="button" class="btn btn-quiet" hx-target="#scale-{{ $name }}" hx-swap="outerHTML"
            hx-get="/scale?asked={{ round($asked) }}&spraying={{ $spraying }}"
            aria-label="{{ $does }} on {{ $sent->scale ?? 'the simulated scale' }}">
            {{ $sent ? $u->show(D::Powder, $sent->grams, 0) : 'Scale' }}
        </button>
    @endif
</div>
