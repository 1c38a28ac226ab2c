@use('Aenum\Core\Trade\Station')
@use('Aenum\Core\Training\PotCare')
<x-layout title="Checklist for the pot" :at="Station::Blast">
    <p class="no-print"><a class="inline-flex items-center min-h-[44px]" href="/practice">The pot, practised</a></p>
    <h1 class="mb-2">Checklist for the pot</h1>
    <p class="mb-3">The shortest safe way, as the practice pot shows it. Your pot may have other valves: its
        maker's sheet and local codes come first. Hood, hearing protection and gloves on before any air.</p>
    <section class="panel mb-4" aria-label="Habits">
        <h2>Habits that no valve shows</h2>
        <ul class="list-disc pl-6">
            @foreach (PotCare::habits() as $habit)
                <li>{{ $habit }}</li>
            @endforeach
        </ul>
    </section>
    <div class="columns-2 max-[900px]:columns-1 gap-5">
        @foreach ($lists as $list)
            <section class="panel mb-4 break-inside-avoid">
                <h2>{{ $list['exercise']->name }}</h2>
                <p class="hint">{{ $list['exercise']->goal }}</p>
                <ol class="mt-1">
                    @foreach ($list['moves'] as $n => $move)
                        <li class="flex items-baseline gap-2 border-t border-line py-1"><span class="card-box"
                                aria-hidden="true"></span><span class="num w-6">{{ $n + 1 }}</span>
                            {{ ucfirst($move->label()) }}</li>
                    @endforeach
                </ol>
            </section>
        @endforeach
    </div>
</x-layout>
