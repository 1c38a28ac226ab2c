@use('Aenum\Core\Units\Dimension', 'D')
<x-layout :title="'Card of '.$lot->words()">
    <p class="no-print hint mb-3">For the box: print it, cut it out, tape it on. The code opens the powder.</p>
    <article class="panel card max-w-xl" aria-label="Card of {{ $lot->powder->name }}, {{ $lot->words() }}">
        <div class="grid grid-cols-[minmax(0,1fr)_7.5rem] gap-4 items-start">
            <div>
                <p class="num text-[2.2rem]">{{ $lot->number }}</p>
                <h1 class="flex items-center gap-2"><x-swatch :colour="$lot->powder->colour" />
                    {{ $lot->powder->name }}</h1>
                <p>{{ $lot->powder->maker }}{{ $lot->powder->finish ? ', '.$lot->powder->finish : '' }}</p>
                <p>Came {{ $lot->received_on->format('j M Y') }}{{ $lot->opened_on ? ', opened '
                    .$lot->opened_on->format('j M Y') : '' }}{{ $lot->best_before_on ? ', best before '
                        .$lot->best_before_on->format('j M Y') : '' }}</p>
                <p>{{ $lot->place }}; {{ $u->show(D::Powder, $left, 0) }} left when this was printed.</p>
                @foreach ($lot->powder->rows as $row)
                    <p>{{ $u->temp($row->pmt_c) }} part metal: {{ $row->min_minutes }} min{{ $row->max_minutes
                        ? ', stands '.$row->max_minutes : '' }}</p>
                @endforeach
                <p>Film {{ $u->show(D::Film, $lot->powder->film_min_um) }} to
                    {{ $u->show(D::Film, $lot->powder->film_max_um) }}. Dry{{ $lot->powder->keep_below_c
                        ? ', below '.$u->temp($lot->powder->keep_below_c) : '' }}, lid on.</p>
            </div>
            <x-qr :text="url('/powders/'.$lot->powder_id)" :label="'Opens '.$lot->powder->name" />
        </div>
        <x-caution>Combustible dust: no ignition source, respirator when it is moved.</x-caution>
    </article>
</x-layout>
