@use('Aenum\Core\Rules\Severity')
@use('App\Platform\Presentation\EnumLabels')
<x-layout title="Rules">
    <div class="flex flex-wrap items-end justify-between gap-4 mb-3">
        <div>
            <h1>What Aenum notices by itself</h1>
            <p>
                {{ $all }} rules. A stop holds; a sign lets go when a name is under it. The makers' sheets, local
                    codes and
                licensed practice come first.
            </p>
        </div>
        <form method="get" action="/rules" class="flex items-end gap-3">
            <x-pick name="severity" label="Weight" :options="EnumLabels::of(Severity::cases())" :value="$severity"
                empty="all" />
            <x-field name="q" id="rules-q" label="With the word" :value="$asked" />
            <button class="btn">Show</button>
        </form>
    </div>
    @forelse ($rules as $group => $ones)
        <section class="panel mb-4 scroll-x" tabindex="0" role="region" aria-label="{{ ucfirst($group) }}">
            <h2 class="mb-1">{{ ucfirst($group) }}</h2>
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">Weight</th>
                        <th scope="col">Rule</th>
                        <th scope="col">Why</th>
                        <th scope="col">Way out</th>
                        <th scope="col">Asked</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($ones as $rule)
                        <tr>
                            <td>
                                <b @class(['wrong' => $rule->severity === Severity::Stop])>{{
                                    $rule->severity->label() }}</b>
                            </td>
                            <th scope="row">{{ $rule->name() }}</th>
                            <td>
                                {{ $u->said($rule->reason) }}
                                <span class="hint">{{ $u->said($rule->source->asSentence()) }}</span>
                            </td>
                            <td>{{ $u->said($rule->wayOut) }}</td>
                            <td class="hint">{{ $rule->asked() }}</td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </section>
    @empty
        <p class="panel">No rule has that word. Try fewer letters.</p>
    @endforelse
</x-layout>
