@use('App\Platform\Clock\ShopClock')
<x-layout title="Devices">
    <h1 class="mb-1">Devices</h1>
    <p class="hint mb-3">A logger, a thermometer, a film gauge or a scale comes to the door with a token of its own.
        <a class="inline-flex items-center min-h-[44px]" href="/devices/api">How to speak to the door</a></p>
    @if (session('token'))
        <section class="panel grid gap-2 mb-4" aria-label="Its token">
            <h2>Its token, shown once</h2>
            <p class="num text-[1.25rem] break-all select-all">{{ session('token') }}</p>
            <p class="hint">Put it into the device now. Only a hash of it is kept here, so nobody can look it up
                again; where it is lost, take the device back and make another.</p>
        </section>
    @endif
    <div class="grid grid-cols-[minmax(0,1fr)_24rem] max-[1000px]:grid-cols-1 gap-4">
        <section class="panel" aria-label="Let in">
            <h2 class="mb-2">Let in</h2>
            <ul class="grid gap-2">
                @forelse ($tokens as $token)
                    <li class="flex flex-wrap items-center justify-between gap-3 border-t border-line pt-2">
                        <span><b>{{ $token->name }}</b>, given by {{ $token->giver?->name }}
                            {{ ShopClock::local($token->created_at)->format('j M Y') }}<br>
                            <span class="hint">may {{ collect($token->rights())->map->label()->join('; ') }}.
                                {{ $token->last_used_at === null ? 'Not been here yet.'
                                    : 'Last here ' . ShopClock::time($token->last_used_at) . '.' }}</span></span>
                        <form method="post" action="/devices/{{ $token->id }}/withdraw"><x-once /><button
                                class="btn btn-quiet" aria-label="Take back {{ $token->name }}">Take back</button>
                        </form>
                    </li>
                @empty
                    <li class="hint">No device is let in yet.</li>
                @endforelse
            </ul>
        </section>
        <form method="post" action="/devices" class="panel grid gap-3 content-start">
            <x-once />
            <h2>Let one in</h2>
            <x-field name="name" label="What it is called" placeholder="Rider 1" />
            <fieldset class="grid gap-1">
                <legend>It may</legend>
                @foreach ($abilities as $one)
                    <label class="flex items-center gap-3 min-h-[44px]">
                        <input type="checkbox" name="abilities[]" value="{{ $one->value }}"
                            @checked(in_array($one->value, (array) old('abilities', []), true))>
                        {{ $one->label() }}</label>
                @endforeach
                @error('abilities')
                    <p class="wrong">{{ $message }}</p>
                @enderror
            </fieldset>
            <p class="hint">What it brings is written down in your name. It is let in until it is taken back, or until
                you do not work here any more.</p>
            <button class="btn btn-do">Make its token</button>
        </form>
    </div>
</x-layout>
