@props(['inspection'])
@use('Aenum\Core\Inspect\SolventRub')
@use('Aenum\Core\Unit\Dimension', 'D')
@php($f = $inspection->findings)
@if ($inspection->kind === 'film')
    Film: {{ $f['n'] }} readings, mean {{ $u->show(D::Film, $f['mean_um'], $u->system->value === 'us' ? 1 : 0) }}, least {{ $u->show(D::Film, $f['least_um']) }}, most {{ $u->show(D::Film, $f['most_um']) }}@if ($f['n'] > 1), deviation {{ $u->show(D::Film, $f['deviation_um'], $u->system->value === 'us' ? 2 : 1) }}@endif; sheet {{ $u->show(D::Film, $f['band_um'][0]) }} to {{ $u->show(D::Film, $f['band_um'][1]) }}:
    <b @class(['wrong' => $inspection->verdict === 'fail'])>{{ $inspection->verdict === 'pass' ? 'within' : 'outside' }}</b>.
@else
    Solvent rub: {{ $f['rubs'] }} double rubs of {{ $f['solvent'] }}, {{ $f['rating'] }} of 5 ({{ SolventRub::RATINGS[$f['rating']] }}):
    <b @class(['wrong' => $inspection->verdict === 'fail'])>{{ match ($inspection->verdict) { 'pass' => 'cured', 'fail' => 'under-cured, back to the oven', default => 'not judged, this powder never stands solvent' } }}</b>.
@endif
<span class="hint">{{ $inspection->user->name }}, {{ App\Support\ShopClock::time($inspection->at) }}</span>
