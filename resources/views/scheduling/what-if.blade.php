<x-layout title="What if">
    <h1 class="mb-1">What if we took it in?</h1>
    <p class="hint mb-3">A job like one the shop has done, put into the plan as it stands. Nothing of it stays.</p>
    <form method="get" action="/day/what-if" class="panel grid grid-cols-[2fr_1fr_1fr_auto] max-[900px]:grid-cols-1
        gap-3 items-end mb-3">
        <x-pick name="part" label="Like" :options="$parts" :value="$like?->id" />
        <x-field name="count" label="How many" :value="$count" inputmode="numeric" />
        <x-field name="due" label="Wished for" type="date" :value="$due" />
        <button class="btn btn-do">When?</button>
    </form>
    @if ($answer !== null)
        <p class="verdict text-[1.4rem]" data-tone="{{ $answer->tone() }}">{{ $answer->headline() }}</p>
        @if ($answer->rhythmWords() !== null)
            <section class="panel mt-3" aria-label="Rhythm">
                <h2>{{ $answer->rhythmWords() }}</h2>
                <p class="hint mb-2">What each has to do for one load; where the most is, the run is held up.</p>
                <table>
                    @foreach ($answer->shares() as $name => $minutes)
                        <tr>
                            <th scope="row">{{ $name }}</th>
                            <td class="num">{{ $minutes }}</td>
                        </tr>
                    @endforeach
                </table>
            </section>
        @endif
    @endif
</x-layout>
