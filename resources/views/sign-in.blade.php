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
            <button class="btn btn-do btn-big">Sign in</button>
        </form>
        @if (config('app.demo'))
            <div class="border-t border-line pt-3">
                <p>Demo shop, made-up data. The password is <b>lantern-on-the-pier</b> for:</p>
                <ul>
                    <li>mara@lakeside-coating.example, owner</li>
                    <li>joss@lakeside-coating.example, finisher</li>
                    <li>orla@lakeside-coating.example, viewer</li>
                </ul>
            </div>
        @endif
    </div>
</x-bare>
