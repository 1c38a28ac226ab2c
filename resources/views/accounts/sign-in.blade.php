@use('App\Platform\Demo\DemoSignIns')
<x-bare title="Sign in">
    <div class="panel grid gap-4">
        <div>
            <h1>Aenum</h1>
            <p class="hint">What the metal does, not what the oven says.</p>
        </div>
        <form method="post" action="/sign-in" class="grid gap-4">
            @csrf
            <x-field name="email" label="E-mail" type="email" autofocus autocomplete="username" />
            <x-field name="password" label="Password" type="password" autocomplete="current-password" />
            <label class="flex items-center gap-3 min-h-[44px] font-normal">
                <input type="checkbox" name="remember" value="1" @checked(old('remember'))>
                Stay signed in on this device
            </label>
            <button class="btn btn-do btn-big">Sign in</button>
        </form>
        <p class="flex flex-wrap gap-x-5">
            <a class="inline-flex items-center min-h-[44px]" href="/sign-in/code">I have a code from the owner</a>
            @if ($tablet)
                <a class="inline-flex items-center min-h-[44px]" href="/tablet">Back to the tablet's clocks</a>
            @endif
        </p>
        @if ($demo)
            <div class="border-t border-line pt-3">
                <p>Demo shop, made-up data. The password is <b>{{ DemoSignIns::PASSWORD }}</b> for:</p>
                <ul>
                    <li>mara@lakeside-coating.example, owner</li>
                    <li>joss@lakeside-coating.example, finisher</li>
                    <li>orla@lakeside-coating.example, viewer</li>
                </ul>
            </div>
        @endif
    </div>
</x-bare>
