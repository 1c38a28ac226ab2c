<x-bare title="A new password">
    <form method="post" action="/sign-in/code" class="panel grid gap-4">
        @csrf
        <h1>A new password</h1>
        <p>With the code the owner gave you; it serves once.</p>
        <x-field name="email" label="E-mail" type="email" autofocus autocomplete="username" />
        <x-field name="code" label="Code" placeholder="XXXX-XXXX-XXXX" autocapitalize="characters" />
        <x-password name="new_password" label="New password" />
        <x-password name="again" label="The same again" :hint="false" />
        <button class="btn btn-do btn-big">Set it and sign in</button>
        <p><a class="inline-flex items-center min-h-[44px]" href="/sign-in?password">Back</a></p>
    </form>
</x-bare>
