<x-layout title="People">
    <h1 class="mb-3">People</h1>
    @if (session('code'))
        <p class="panel mb-3 max-w-4xl">Code for {{ session('code')['name'] }}, told once, good for
            {{ session('code')['hours'] }} h: <b class="num text-[1.9rem]">{{ session('code')['code'] }}</b><br>
            On the sign-in page: “I have a code from the owner”.</p>
    @endif
    <div class="grid gap-3 max-w-4xl">
        @foreach ($people as $person)
            <section class="panel grid gap-2" aria-label="{{ $person->name }}">
                <x-edit :action="'/people/'.$person->id"
                    class="grid grid-cols-[1fr_12rem_12rem_auto] max-[900px]:grid-cols-1 gap-3 items-end">
                    <p><b>{{ $person->name }}</b><br><span class="hint">{{ $person->email }}</span></p>
                    <x-pick name="role" id="role-{{ $person->id }}" label="Role"
                        :options="['owner' => 'owner', 'finisher' => 'finisher', 'viewer' => 'viewer']"
                        :value="$person->role" />
                    <x-pick name="active" id="active-{{ $person->id }}" label="May sign in"
                        :options="[1 => 'yes', 0 => 'no']" :value="(int) $person->active" />
                    <button class="btn btn-quiet">Save</button>
                </x-edit>
                <div class="flex flex-wrap gap-3">
                    <form method="post" action="/people/{{ $person->id }}/code"><x-once /><button
                            class="btn btn-quiet">Forgot the password</button></form>
                    <form method="post" action="/people/{{ $person->id }}/sessions/end"><x-once /><button
                            class="btn btn-quiet">Sign out everywhere</button></form>
                    <a class="btn btn-quiet" href="/people/{{ $person->id }}/history">History</a>
                </div>
            </section>
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
            <x-password name="password" label="First password" />
            <div class="col-span-full"><button class="btn btn-do">Add</button></div>
        </form>
        <section class="panel grid gap-3" aria-label="Tablets many hands use">
            <h2>Tablets many hands use</h2>
            <p class="hint">People sign on at them with their PIN; nobody touched it for a while, and it signs out and
                shows its clocks.</p>
            @foreach ($tablets as $tablet)
                <form method="post" action="/tablets/{{ $tablet->id }}/withdraw" class="flex items-center gap-3">
                    <x-once />
                    <span>{{ $tablet->name }}{{ $here?->is($tablet) ? ', this one' : '' }}</span>
                    <button class="btn btn-quiet">Not any more</button>
                </form>
            @endforeach
            @if ($here === null)
                <form method="post" action="/tablets" class="flex flex-wrap items-end gap-3">
                    <x-once />
                    <x-field name="tablet" label="This device is a shared tablet; where it stands"
                        placeholder="at the ovens" />
                    <button class="btn btn-quiet">Make it one</button>
                </form>
            @endif
        </section>
    </div>
</x-layout>
