@props(['move'])
<b>{{ match ($move->kind) {
    'taken_in' => 'Taken in',
    'signed' => 'Signed at ' . $move->from_station->label(),
    'sent_on' => 'On to ' . $move->to_station->label(),
    'sent_back' => 'Back to ' . $move->to_station->label(),
    'released' => 'Released',
    default => 'Declined',
} }}</b>
<span class="hint">{{ $move->user->name }}, {{ App\Support\ShopClock::time($move->at) }}</span>
@if ($move->note)
    <br>{{ $move->note }}
@endif
