@if (count($split) > 1)
    <section class="verdict" data-tone="stop" aria-label="Bake apart">
        <strong>No single bake serves all of this. {{ count($split) }} loads do:</strong>
        <ol class="list-decimal pl-6">
            @foreach ($split as $group)
                <li>{{ implode(', ', $group['names']) }}:
                    {{ $group['minutes'] === null ? $group['why'] : $u->temp($group['setpointC']) . ', '
                        . App\Support\Units::minutes($group['minutes']) . ' after the door shuts' }}
                </li>
            @endforeach
        </ol>
        @can('work')
            <form method="post" action="/bakes/{{ $bake->id }}/split" class="mt-2"><x-once /><button
                    class="btn btn-do">Part it into {{ count($split) }} loads</button></form>
        @endcan
    </section>
@endif
