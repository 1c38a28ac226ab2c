<x-layout title="Policies of quoting">
    <h1 class="mb-1">Policies of quoting</h1>
    <p class="hint mb-3">Each is a switch with its price or its refusal. The figures to begin with are house figures;
        put your own.</p>
    <form method="post" action="/quote-policies" class="panel grid gap-3 max-w-4xl"><x-once />
        @foreach ($policies as $policy)
            @php($kept = $ways[$policy->value] ?? null)
            @php($usual = $policy->usual())
            <div class="grid grid-cols-[1.6fr_1fr_1fr] max-[900px]:grid-cols-1 gap-3 items-end border-t border-line
                pt-2">
                <p class="min-h-[44px] flex items-center">{{ $policy->label() }}</p>
                <x-pick name="policy_way[{{ $policy->value }}]" label="How" :options="['off' => 'does not count',
                    'at' => 'at this figure', 'refuse' => 'is not taken']"
                    :value="$kept?->way ?? $usual->word()" />
                <x-field name="policy_figure[{{ $policy->value }}]" label="Figure" inputmode="decimal"
                    :value="$kept === null ? $usual->figure : $kept->figure" />
            </div>
        @endforeach
        @can('manage')
            <div><button class="btn btn-do">Save</button></div>
        @endcan
    </form>
</x-layout>
