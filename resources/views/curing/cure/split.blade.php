@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Presentation\Units')
@if (count($split) > 1)
    <section class="verdict" data-tone="stop" aria-label="Bake apart">
        <strong>No single bake serves all of this. {{ count($split) }} loads do:</strong>
        <ol class="list-decimal pl-6">
            @foreach ($split as $group)
                <li>{{ implode(', ', $group['names']) }}:
                    {{ $group['minutes'] === null ? $group['why'] : $u->temp($group['setpointC']) . ', '
                        . Units::minutes($group['minutes']) . ' after the door shuts' }}
                </li>
            @endforeach
        </ol>
        @can('work')
            <form method="post" action="/bakes/{{ $bake->id }}/split" class="mt-2"><x-once /><button
                    class="btn btn-do">Part it into {{ count($split) }} loads</button></form>
        @endcan
    </section>
@endif
@if ($early)
    <section class="verdict" aria-label="Take some out early">
        <strong>Or in one load at {{ $u->temp($early->setpointC) }}, some of it taken out early:</strong>
        <ol class="list-decimal pl-6">
            @foreach ($early->out as $one)
                <li>{{ ucfirst($one['name']) }} out {{ Units::minutes($one['minutes']) }} after the door
                    shuts, the door open no longer than it takes.</li>
            @endforeach
            <li>The rest at {{ Units::minutes($early->minutes) }}.</li>
        </ol>
        @can('work')
            <form method="post" action="/bakes/{{ $bake->id }}/adjust" class="mt-2"><x-once />
                <input type="hidden" name="setpoint" value="{{ $u->field(D::Temperature, $early->setpointC) }}">
                <input type="hidden" name="minutes" value="{{ number_format($early->minutes, 1, '.', '') }}">
                <input type="hidden" name="door_open_s" value="{{ (int) $bake->door_open_s }}">
                <input type="hidden" name="start" value="{{ $u->field(D::Temperature, $bake->start_c) }}">
                <input type="hidden" name="way" value="{{ $bake->way->value }}">
                <button class="btn">Set it so</button></form>
        @endcan
    </section>
@endif
