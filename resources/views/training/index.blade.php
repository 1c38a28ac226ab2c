@use('Aenum\Core\Trade\Station')
@use('Aenum\Core\Training\PotCare')
<x-layout title="Practise the pot" :at="Station::Blast">
    <div class="flex flex-wrap items-end justify-between gap-3 mb-3">
        <div>
            <h1>The pot, practised</h1>
            <p>Here a wrong move costs nothing and shows what it would have cost. Eight goes, the easy ones first.
            </p>
        </div><span class="flex gap-3"><a class="btn" href="/practice/booth">Practise in the
                booth</a><a class="btn" href="/practice/checklist">Checklist for the real pot</a></span>
    </div>
    <ul class="list-disc pl-6 mb-3 hint">
        @foreach (PotCare::habits() as $habit)
            <li>{{ $habit }}</li>
        @endforeach
    </ul>
    <ol class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-3">
        @foreach ($exercises as $key => $exercise)
            <li class="panel flex items-center gap-4"><span
                    class="num text-[2rem] text-soft">{{ $loop->iteration }}</span>
                <div class="grow">
                    <h2><a href="/practice/{{ $key }}">{{ $exercise->name }}</a></h2>
                    <p>{{ $exercise->story }}</p>
                    <p class="hint">{{ $exercise->goal }}</p>
                </div>
                <p class="text-right"><span class="num text-[1.7rem]">{{ $mine[$key] ?? '–' }}</span><br><span
                        class="hint">{{ isset($best[$key]) ? 'best ' . $best[$key]->score . ', '
                            . $best[$key]->user->name : 'nobody yet' }}</span>
                </p>
            </li>
        @endforeach
    </ol>
</x-layout>
