<x-layout :title="$me->name">
    <h1 class="mb-3">{{ $me->name }}</h1>
    <div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-4 max-w-5xl">
        <form method="post" action="/me" class="panel grid gap-3 content-start">
            <x-once /> @method('put')
            <h2>How you read</h2>
            <x-pick name="unit_system" label="Units"
                :options="['metric' => '°C, kg, mm, µm', 'us' => '°F, lb, in, mil']" :value="$me->unit_system->value" />
            <x-pick name="theme" label="Light"
                :options="['system' => 'As the device', 'light' => 'Light', 'dark' => 'Dark']" :value="$me->theme" />
            <div><button class="btn btn-do">Keep</button></div>
        </form>
        <form method="post" action="/me/password" class="panel grid gap-3 content-start">
            <x-once /> @method('put')
            <h2>Your password</h2>
            <x-field name="current_password" label="As it is now" type="password" autocomplete="current-password" />
            <x-password name="new_password" label="New password" />
            <x-password name="again" label="The same again" :hint="false" />
            <div><button class="btn btn-do">Change it</button></div>
        </form>
        <form method="post" action="/me/pin" class="panel grid gap-3 content-start">
            <x-once /> @method('put')
            <h2>Your PIN {{ $me->pin === null ? '' : '(set)' }}</h2>
            <x-field name="pin" label="PIN" type="password" inputmode="numeric" autocomplete="off"
                hint="4 to 8 figures, for signing on at a shared tablet; empty for none. It does not open what only
                    an owner may." />
            <x-field name="current_password" id="pin-password" label="Your password" type="password"
                autocomplete="current-password" />
            <div><button class="btn btn-do">Set it</button></div>
        </form>
        <section class="panel grid gap-3 content-start" aria-label="Where you are signed in">
            <h2>Where you are signed in</h2>
            <ul class="grid gap-1">
                @foreach ($sessions as $one)
                    <li>{{ $one['device'] }} at {{ $one['where'] }}, last {{ $one['seen'] }}{{ $one['isThis']
                        ? ', this one' : '' }}</li>
                @endforeach
            </ul>
            <form method="post" action="/me/sessions/end"><x-once /><button class="btn btn-quiet">Sign out everywhere
                    else</button></form>
        </section>
    </div>
</x-layout>
