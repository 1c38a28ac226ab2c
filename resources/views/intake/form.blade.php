@use('Aenum\Core\Trade\Station')
@use('App\Platform\Presentation\OldInput')
<x-layout :title="$job ? 'Job ' . $job->number : 'Take a job in'"
    :at="$job?->station ?? Station::Intake">
    <h1 class="mb-3">{{ $job ? 'Job ' . $job->number : 'Take a job in' }}</h1>
    <x-edit :action="$job ? '/jobs/' . $job->id : '/jobs'" :new="$job === null"
        class="panel grid grid-cols-2 max-[900px]:grid-cols-1 gap-4 max-w-4xl">
        <x-field name="title" label="What is it" :value="$job?->title"
            hint="A few words, such as “bench ends, promenade”." autofocus />
        <x-field name="customer" label="Customer" :value="$job?->customer->name" list="customers"
            hint="A new name makes a new customer." />
        <datalist id="customers">
            @foreach ($customers as $name)
                <option value="{{ $name }}"></option>
            @endforeach
        </datalist>
        <x-field name="contact" label="How to reach them" :value="$job?->customer->contact" />
        <x-field name="due_on" label="Due" type="date" :value="$job?->due_on?->format('Y-m-d')" />
        <div class="col-span-full">
            <label for="notes">Agreed at the counter</label>
            <textarea id="notes" name="notes" rows="4">{{ OldInput::text('notes', $job?->notes) }}</textarea>
            <p class="hint">What will still show, what cannot be promised, what must be off before it arrives.</p>
        </div>
        <div class="col-span-full flex gap-3"><button
                class="btn btn-do">{{ $job ? 'Save' : 'Take it in' }}</button><a class="btn btn-quiet"
                href="{{ $job ? '/jobs/' . $job->id : '/station/intake' }}">Back</a></div>
    </x-edit>
</x-layout>
