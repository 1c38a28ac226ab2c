{{-- Part to earth as it was measured, and what it means. --}}
@props(['line'])
@use('Aenum\Core\Preparation\Racking\Ground')
@use('App\Platform\Clock\ShopClock')
@php($judged = Ground::of($line->figure('ohm')))
<b @class(['wrong' => $judged === Ground::Bad])>{{ Ground::words($line->figure('ohm')) }} to ground.</b>
{{ $judged->says() }}
<span class="hint">{{ ShopClock::time($line->at) }}</span>
