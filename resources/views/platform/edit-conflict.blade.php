<x-layout title="Changed by two">
    <h1 class="mb-2">{{ $who === null ? 'Somebody' : $who->name }} saved this while you had it open</h1>
    <p class="mb-4">Nothing of yours is lost, and nothing is saved yet. Choose field by field; what only one of you
        changed is already picked.</p>
    <form method="post" action="{{ $action }}" class="grid gap-3 max-w-4xl">
        <x-once />
        @method('put')
        <input type="hidden" name="_both" value="{{ $both->packed() }}">
        @foreach ($both->fields as $n => $field)
            <fieldset class="panel grid grid-cols-2 max-[900px]:grid-cols-1 gap-3">
                <legend class="font-semibold px-1">{{ $field['label'] }}</legend>
                @php($picked = $field['asked'] ? 'mine' : 'theirs')
                @foreach (['theirs' => ['As it stands now', $field['theirsSaid']],
                    'mine' => ['As you have it', $field['mineSaid']]] as $whose => [$label, $value])
                    <label class="flex items-start gap-3 min-h-[44px] font-normal">
                        <input type="radio" class="mt-1" name="_take[{{ $n }}]" value="{{ $whose }}"
                            @checked($whose === $picked)>
                        <span><span class="hint block">{{ $label }}</span>
                            <span class="whitespace-pre-line">{{ $value }}</span></span>
                    </label>
                @endforeach
            </fieldset>
        @endforeach
        <div class="flex gap-3"><button class="btn btn-do">Save it so</button><a class="btn btn-quiet"
                href="{{ $back }}">Leave it as it stands now</a></div>
    </form>
</x-layout>
