{{-- What it was from, once it is known. $defect, $board --}}
@can('work')
    <form method="post" action="/defects/{{ $defect->id }}/close" class="grid gap-2 border-t border-line pt-2">
        <x-once />
        <x-pick name="cause" label="What was it from?" :options="$board->causeNames()"
            :value="$defect->cause?->value" empty="not found out"
            hint="What is confirmed here moves how usual it is taken to be." />
        <button @class(['btn', 'btn-do' => $defect->isOpen()])>{{ $defect->closing() }}</button>
    </form>
@endcan
