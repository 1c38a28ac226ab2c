@use('App\Platform\Clock\ShopClock')
<x-bare :title="$tablet->name" wide :now="ShopClock::now()">
    <div class="grid grid-cols-[minmax(0,1fr)_22rem] max-[900px]:grid-cols-1 gap-5">
        <section id="clocks" aria-label="Clocks that run" class="grid gap-3 content-start" hx-get="/tablet"
            hx-trigger="every 20s" hx-select="#clocks" hx-swap="outerHTML">
            <h1>{{ $tablet->name }}</h1>
            @forelse ($clocks as $clock)
                <p class="panel flex flex-wrap items-center gap-x-6">
                    <span class="num text-[2.6rem]" data-until="{{ $clock['at']->getTimestampMs() }}"
                        data-past="{{ $clock['past'] }}">{{ ShopClock::time($clock['at']) }}</span>
                    <span>{{ $clock['what'] }}</span>
                </p>
            @empty
                <p class="panel">No clock runs.</p>
            @endforelse
        </section>
        <form method="post" action="/tablet" class="panel grid gap-3 content-start">
            @csrf
            <h2>Who is it?</h2>
            @error('who')
                <p class="wrong">{{ $message }}</p>
            @enderror
            <div class="grid gap-2">
                @forelse ($people as $person)
                    <label class="btn btn-quiet flex items-center gap-3 justify-start">
                        <input type="radio" name="who" value="{{ $person->id }}"
                            @checked((int) old('who') === $person->id)>
                        {{ $person->name }}
                    </label>
                @empty
                    <p>Nobody has a PIN yet; each sets one under their own name, after signing in.</p>
                @endforelse
            </div>
            <x-field name="pin" label="PIN" type="password" inputmode="numeric" autocomplete="off" />
            <button class="btn btn-do btn-big">Sign on</button>
            <a class="inline-flex items-center min-h-[44px]" href="/sign-in?password">With e-mail and password</a>
        </form>
    </div>
</x-bare>
