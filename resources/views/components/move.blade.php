@props(['move'])
<b>{{ $move->words() }}</b>
<span class="hint">{{ $move->lot && $move->lot->label() !== '' ? $move->lot->title().' · ' : '' }}{{
    $move->user->name }}, {{ App\Support\ShopClock::time($move->at) }}</span>
@if ($move->note)
    <br>{{ $move->note }}
@endif
