@use('Aenum\Core\Units\Dimension', 'D')
<x-layout :title="'Card of '.$batch->words()">
    <p class="no-print hint mb-3">For the box: print it, cut it out, tape it on. The code opens the powder.</p>
    <article class="panel card max-w-xl" aria-label="Card of {{ $batch->powder->name }}, {{ $batch->words() }}">
        <div class="grid grid-cols-[minmax(0,1fr)_7.5rem] gap-4 items-start">
            <div>
                <p class="num text-[2.2rem]">{{ $batch->number }}</p>
                <h1 class="flex items-center gap-2"><x-swatch :colour="$batch->powder->colour" />
                    {{ $batch->powder->name }}</h1>
                <p>{{ $batch->powder->maker }}{{ $batch->powder->finish ? ', '.$batch->powder->finish : '' }}</p>
                <p>Came {{ $batch->received_on->format('j M Y') }}{{ $batch->opened_on ? ', opened '
                    .$batch->opened_on->format('j M Y') : '' }}{{ $batch->best_before_on ? ', best before '
                        .$batch->best_before_on->format('j M Y') : '' }}</p>
                <p>{{ $batch->place }}; {{ $u->show(D::Powder, $left, 0) }} left when this was printed.</p>
                @foreach ($batch->powder->rows as $row)
                    <p>{{ $u->temp($row->pmt_c) }} part metal: {{ $row->min_minutes }} min{{ $row->max_minutes
                        ? ', stands '.$row->max_minutes : '' }}</p>
                @endforeach
                <p>Film {{ $u->show(D::Film, $batch->powder->film_min_um) }} to
                    {{ $u->show(D::Film, $batch->powder->film_max_um) }}. Dry{{ $batch->powder->keep_below_c
                        ? ', below '.$u->temp($batch->powder->keep_below_c) : '' }}, lid on.</p>
            </div>
            <x-qr :text="url('/powders/'.$batch->powder_id)" :label="'Opens '.$batch->powder->name" />
        </div>
        <x-caution>Combustible dust: no ignition source, respirator when it is moved.</x-caution>
    </article>
</x-layout>
