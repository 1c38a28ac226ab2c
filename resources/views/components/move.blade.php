@use('App\Platform\Clock\ShopClock')
@props(['move'])
<b>{{ $move->words() }}</b>
<span class="hint">{{ $move->who() }}, {{ ShopClock::time($move->at) }}</span>
@if ($move->note)
    <br>{{ $move->note }}
@endif
