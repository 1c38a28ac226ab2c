{{-- What was said at the counter, in the same sentences on the card and at release. --}}
@props(['promise'])
@foreach ($promise->heads() as $head => $lines)
    <p><b>{{ $head }}:</b> {{ implode(' ', $lines) }}</p>
@endforeach
