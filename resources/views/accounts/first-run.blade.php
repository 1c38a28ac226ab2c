@use('App\Platform\Validation\StrongPassword')
<x-bare title="Open the shop" wide>
    <form method="post" action="/first-run" class="panel grid grid-cols-2 max-[900px]:grid-cols-1 gap-4">
        @csrf
        <div class="col-span-full">
            <h1>Open the shop</h1>
            <p>Type the code that <code>./start --shop</code> printed on the console of this
                machine.</p>
        </div>
        <x-field name="code" label="Code from the console" placeholder="XXXX-XXXX-XXXX" autofocus
            autocapitalize="characters" />
        <x-field name="shop" label="What the shop is called" />
        <h2 class="col-span-full">You, the owner</h2>
        <x-field name="owner" label="Name" autocomplete="name" />
        <x-field name="email" label="E-mail" type="email" autocomplete="username" />
        <x-field name="password" label="Password" autocomplete="new-password"
            :hint="'Shown as you type. '.StrongPassword::LEAST.' characters or more.'" />
        <details class="col-span-full" @if ($errors->any()) open @endif>
            <summary>Time zone Europe/Zurich, CHF, °C and kg: change</summary>
            <div class="grid grid-cols-3 max-[900px]:grid-cols-1 gap-4">
        <x-pick name="timezone" label="Time zone" :options="$zones" value="Europe/Zurich" />
        <x-field name="currency" label="Currency" value="CHF" hint="As its prices are written." />
        <x-pick name="unit_system" label="Your units" :options="$units" value="metric"
            hint="Each person picks their own." />
            </div>
        </details>
        <p class="col-span-full hint">The metals, the blast media and what masks are made of come with Aenum; local
            codes, the powder's and the equipment's own sheets, and licensed practice come first.</p>
        <div class="col-span-full"><button class="btn btn-do btn-big">Open it</button></div>
    </form>
</x-bare>
