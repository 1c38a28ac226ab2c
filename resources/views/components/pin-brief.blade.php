{{-- What the pins of a part say to one station. --}}
@props(['part', 'station'])
@use('Aenum\Core\Preparation\Masking\PinKind')
@use('Aenum\Core\Trade\Station')
@php($of = fn(PinKind ...$kinds) => $part->pins->filter(fn($p) => in_array($p->kind, $kinds, true)))
@php($say = fn($pins) => $pins->map(fn($p) => $p->number . ($p->note ? ' (' . $p->note . ')' : ''))->join(', '))
@php(
    $lines = array_filter(
        $station === Station::Coat
            ? [
                'Recesses first, torch into each before the oven: pins' => $of(PinKind::Recess),
                'Wipe the powder off and check the masks: pins' => $of(PinKind::Thread, PinKind::Bore, PinKind::Seat,
                    PinKind::Face),
                'Cover the mark of the clamp: pins' => $of(PinKind::GroundPoint)
            ]
            : [
                'Film and torch into each recess: pins' => $of(PinKind::Recess),
                'Must be bare metal: pins' => $part->pins->where('must_stay_bare', true),
                'Damaged when it came: pins' => $of(PinKind::Damage),
                'Goes back as it was: pins' => $of(PinKind::WasLikeThis, PinKind::LooseFitting)
            ],
        fn($pins) => $pins->isNotEmpty()
    )
)
@if ($lines)
    <ul class="hint">
        @foreach ($lines as $line => $pins)
            <li>{{ $line }} {{ $say($pins) }}.</li>
        @endforeach
        <li><a class="inline-flex items-center min-h-[44px]" href="/parts/{{ $part->id }}/pins">See them on
                {{ $part->name }}</a></li>
    </ul>
@endif
