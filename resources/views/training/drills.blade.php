@use('Aenum\Core\Trade\Station')
<x-layout title="The practice booth" :at="Station::Coat">
    <h1>The practice booth</h1>
    <p class="mb-3">The film grows as your hand lays it, worked out as the coat bench works it out. Here it costs no
        powder.</p>
    <ol class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-3">
        @foreach ($drills as $key => $drill)
            <li class="panel flex items-center gap-4">
                <span class="num text-[2rem] text-soft">{{ $loop->iteration }}</span>
                <div class="grow">
                    <h2><a href="/practice/booth/{{ $key }}">{{ $drill->name }}</a></h2>
                    <p>{{ $u->said($drill->story) }}</p>
                    <p class="hint">{{ $drill->goal }}</p>
                </div>
                <p class="text-right">
                    <span class="num text-[1.7rem]">{{ $mine[$key] ?? '–' }}</span><br>
                    <span class="hint">{{ isset($best[$key]) ? 'best '.$best[$key]->best.', '.$best[$key]->name
                        : 'nobody yet' }}</span>
                </p>
            </li>
        @endforeach
    </ol>
</x-layout>
