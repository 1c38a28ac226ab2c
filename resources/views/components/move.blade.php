@props(['move'])
<b>{{ $move->words() }}</b>
<span class="hint">{{ $move->who() }}, {{ App\Support\ShopClock::time($move->at) }}</span>
@if ($move->note)
    <br>{{ $move->note }}
@endif
