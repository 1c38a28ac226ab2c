{{-- As hot as asked, or cooler and longer, side by side. --}}
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Presentation\Units')
@php($choices = $board->choices())
@if (count($choices) > 1)
    <section class="panel" aria-label="Ways to bake it out">
        <table class="grid-table">
            <thead>
                <tr>
                    <th scope="col">Part metal</th>
                    <th scope="col" class="n">Held</th>
                    <th scope="col" class="n">Door to pull</th>
                    <th scope="col" class="n">Ages the metal</th>
                    <th scope="col" class="n">Energy</th>
                    <td></td>
                </tr>
            </thead>
            <tbody>
                @foreach ($choices as $one)
                    <tr>
                        <th scope="row">{{ $u->temp($one['choice']->targetC) }}</th>
                        <td class="n">{{ Units::minutes($one['choice']->holdMinutes) }}</td>
                        <td class="n">{{ Units::minutes($board->sinceShut($one['choice']->minutes)) }}</td>
                        <td class="n">{{ $one['ageing'] === null ? '–' : Units::minutes($one['ageing']) }}{{
                            $board->asksName($one['ageing']) ? ', needs a sign-off' : '' }}</td>
                        <td class="n">{{ Units::energy($one['choice']->energyKwh) }}</td>
                        <td>
                            @can('work')
                                <form method="post" action="/bake-outs/{{ $load->id }}/set">
                                    <x-once />
                                    <input type="hidden" name="target"
                                        value="{{ $u->field(D::Temperature, $one['choice']->targetC) }}">
                                    <input type="hidden" name="hold" value="{{ $one['choice']->holdMinutes }}">
                                    <input type="hidden" name="start"
                                        value="{{ $u->field(D::Temperature, $load->start_c, 0) }}">
                                    <input type="hidden" name="setpoint"
                                        value="{{ $u->field(D::Temperature, $one['choice']->setpointC) }}">
                                    <button class="btn"
                                        aria-label="Set {{ $u->temp($one['choice']->targetC) }}">Set</button>
                                </form>
                            @endcan
                        </td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        <p class="hint">Ageing counts as at {{ $u->temp(200) }}, with all it had before. Baked out cooler, every later
            cure must stay under that; the longer hold is a house figure, unverified.</p>
    </section>
@endif
