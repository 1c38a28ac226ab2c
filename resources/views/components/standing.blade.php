{{-- What is so of one coat of the lot in hand, where it is not what it was baked for. --}}
@props(['coat', 'standing'])
@if ($standing->measured === false)
    <x-verdict tone="stop" :headline="ucfirst($coat->role).': '.$u->said($standing->words()).'.'"
        :reasons="['Measured outranks computed: its bake is open again. Send it back to Cure.']" />
@elseif ($standing->isOverbaked())
    <x-verdict tone="stop" :headline="ucfirst($coat->role).': over-baked.'"
        :reasons="['No bake mends that. Agree on it with the customer, or strip and coat anew.']" />
@endif
