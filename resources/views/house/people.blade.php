<x-layout title="People">
    <h1 class="mb-3">People</h1>
    <div class="grid gap-3 max-w-4xl">
        @foreach ($people as $person)
            <x-edit :action="'/people/'.$person->id"
                class="panel grid grid-cols-[1fr_12rem_12rem_auto] max-[900px]:grid-cols-1 gap-3 items-end">
                <p><b>{{ $person->name }}</b><br><span class="hint">{{ $person->email }}</span></p>
                <x-pick name="role" id="role-{{ $person->id }}" label="Role"
                    :options="['owner' => 'owner', 'finisher' => 'finisher', 'viewer' => 'viewer']"
                    :value="$person->role" />
                <x-pick name="active" id="active-{{ $person->id }}" label="May sign in"
                    :options="[1 => 'yes', 0 => 'no']"
                    :value="(int) $person->active" />
                <button class="btn btn-quiet">Save</button>
            </x-edit>
        @endforeach
        <form method="post" action="/people" class="panel grid grid-cols-2 max-[900px]:grid-cols-1 gap-3">
            <x-once />
            <h2 class="col-span-full">Someone new</h2>
            <x-field name="name" label="Name" />
            <x-field name="email" label="E-mail" type="email" />
            <x-pick name="role" id="role-new" label="Role" :options="[
                'finisher' => 'finisher: does the work',
                'viewer' => 'viewer: looks on',
                'owner' => 'owner: sets the shop up',
            ]" value="finisher" />
            <x-field name="password" label="First password" type="password" autocomplete="new-password"
                hint="At least 10 characters." />
            <div class="col-span-full"><button class="btn btn-do">Add</button></div>
        </form>
    </div>
</x-layout>
