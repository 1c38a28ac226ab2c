@use('Aenum\Core\Inspection\SolventRub')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Clock\ShopClock')
@use('App\Release\Queries\TestResults')
{{-- What was found on a coat. --}}
@props(['inspection'])
@php($film = $inspection->film())
@if ($film)
    Film: {{ $u->said($film->words()) }}@if ($film->n > 1), deviation
    {{ $u->show(D::Film, $film->deviation) }}@endif; {{ $inspection->way === null ? 'sheet' : 'asked' }}
    {{ $u->show(D::Film, $inspection->band_from_um) }} to {{ $u->show(D::Film, $inspection->band_to_um) }}:
    <b @class(['wrong' => $inspection->failed()])>{{ $inspection->bandWords() }}</b>.
@elseif ($inspection->kind === 'logger')
    Logger: {{ $inspection->note }}
    <b @class(['wrong' => $inspection->failed()])>{{ $inspection->cureWords() }}</b>.
@elseif ($inspection->kind !== 'solvent_rub')
    {{ TestResults::of($inspection) }}.
@else
    Solvent rub: {{ $inspection->rubs }} double rubs of {{ $inspection->solvent }}, {{ $inspection->rating }} of 5
    ({{ SolventRub::RATINGS[$inspection->rating] ?? 'not known' }}):
    <b @class(['wrong' => $inspection->failed()])>{{ $inspection->rubWords() }}</b>.
@endif
<span class="hint">{{ $inspection->user->name }}, {{ ShopClock::time($inspection->at) }}</span>
