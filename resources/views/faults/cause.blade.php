{{-- What it was from, once it is known. $fault, $board --}}
@can('work')
    <form method="post" action="/faults/{{ $fault->id }}/close" class="grid gap-2 border-t border-line pt-2">
        <x-once />
        <x-pick name="cause" label="What was it from?" :options="$board->causeNames()"
            :value="$fault->cause?->value" empty="not found out"
            hint="What is confirmed here moves how usual it is taken to be." />
        <button @class(['btn', 'btn-do' => $fault->isOpen()])>{{ $fault->closing() }}</button>
    </form>
@endcan
