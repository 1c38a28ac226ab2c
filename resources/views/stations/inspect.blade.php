<x-station :pick="$pick" lead="Film and rub are written down for each coat of the lot in hand.">
    @if ($pick->lot)
        <x-pin-brief :part="$pick->part" :station="$pick->station" />
        @forelse ($pick->part->coats as $coat)
            @php($standing = $pick->walk->standings[$coat->position])
            <section class="panel" aria-label="Coat {{ $coat->position }}">
                @if ($standing->measured === false)
                    <x-verdict tone="stop" :headline="ucfirst($coat->role).': '.$u->said($standing->words()).'.'"
                        :reasons="['Measured outranks computed: its bake is open again. Send it back to Cure.']" />
                @elseif ($standing->isOverbaked())
                    <x-verdict tone="stop" :headline="ucfirst($coat->role).': over-baked.'"
                        :reasons="['No bake mends that. Agree on it with the customer, or strip and coat anew.']" />
                @endif
                <x-coat :coat="$coat" :lot="$pick->lot" :inspects="true" />
            </section>
        @empty
            <p class="panel">No coat is planned on it.</p>
        @endforelse
    @endif
</x-station>
