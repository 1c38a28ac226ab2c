@use('Aenum\Core\Trade\Station')
@use('App\Accounts\Http\Middleware\SharedTablet')
@use('App\Accounts\Models\Shop')
@use('App\Platform\Clock\ShopClock')
@use('App\Routing\Http\BlockedNotice')
@props(['title', 'at' => null, 'rail' => []])
@php($user = auth()->user())
@php($zone = Shop::current()->timezone)
<!doctype html>
<html lang="en" data-theme="{{ $user->theme ?? 'system' }}"
    data-user="{{ $user->id }}" data-now="{{ ShopClock::now()->getTimestampMs() }}"
    @if (session(SharedTablet::SESSION)) data-signs-out="{{
        60 * Shop::current()->tablet_minutes }}" @endif>

    <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <title>{{ $title }} · Aenum</title>
        <link rel="icon" href="/favicon.svg" type="image/svg+xml">
        <link rel="manifest" href="/manifest.json">
        <link rel="preload" href="/build/fonts/barlow-latin-400-normal.woff2" as="font" type="font/woff2"
            crossorigin>
        <x-assets />
    </head>

    <body>
        <a class="skip" href="#main">To the work</a>
        <header class="no-print">
            <nav class="rail px-3 pt-1" aria-label="The rail: stations in working order">
                <div class="flex items-center gap-4 text-[1rem]">
                    <a href="/"
                        class="font-semibold no-underline min-h-[44px] inline-flex items-center px-2">Aenum</a>
                    <span class="truncate">{{ Shop::current()->name }}</span>
                    <span class="ml-auto num text-[1.25rem]"
                        data-shop-time="{{ $zone }}"
                        data-clock="{{ $user->clock }}">{{ ShopClock::time(ShopClock::now())
                            }}</span>
                    <form action="/find" method="get" role="search" class="w-44 max-[900px]:w-32">
                        <label class="sr-only" for="find">Find a job, customer or part</label>
                        <input id="find" name="q" type="search" placeholder="Find  /" autocomplete="off"
                            class="!min-h-[44px]">
                    </form>
                </div>
                <ol>
                    @foreach ($rail as $stop)
                        <li>
                            <a class="rail-stop" href="/station/{{ $stop['station']->value }}"
                                data-key="{{ $stop['station']->place() % 10 }}"
                                @if ($at === $stop['station']) aria-current="page" @endif>
                                <span>{{ $stop['station']->short() }}</span>
                                <span class="rail-count" @if ($stop['count'] === 0) data-none @endif><span
                                        class="sr-only">hanging: </span>{{ $stop['count'] }}@if ($stop['late'])
                                        <span class="font-medium"> · {{ $stop['late'] }} late</span>
                                    @endif
                                </span>
                                @if ($stop['clock'])
                                    <span class="rail-clock"><span
                                            class="max-[1000px]:sr-only">{{
                                                in_array($stop['station'],
                                                    [Station::Cure, Station::BakeOut], true) ? 'pull' : 'due' }}
                                        </span><span
                                            data-minutes-until="{{ $stop['clock']->getTimestampMs() }}">{{
                                                ShopClock::time($stop['clock']) }}</span></span>
                                @endif
                            </a>
                        </li>
                    @endforeach
                </ol>
            </nav>
            <nav class="flex flex-wrap items-center gap-x-5 max-[900px]:gap-x-3 px-5 border-b border-line bg-paper"
                aria-label="Everything else">
                @foreach (['/' => 'Rail', '/day' => 'Day', '/quotes' => 'Quotes', '/powders' => 'Shelf',
                    '/ovens' => 'Ovens', '/guns' => 'Guns',
                    '/library' => 'Parts', '/practice' => 'Practice', '/defects' => 'Faults', '/learn' => 'Learned',
                    '/rules' => 'Rules'] as $to => $name)
                    <a href="{{ $to }}"
                        class="no-underline min-h-[44px] inline-flex items-center">{{ $name }}</a>
                @endforeach
                @can('manage')
                    <a href="/shop" class="no-underline min-h-[44px] inline-flex items-center">House ways</a>
                    <a href="/hours" class="no-underline min-h-[44px] inline-flex items-center">Hours</a>
                    <a href="/people" class="no-underline min-h-[44px] inline-flex items-center">People</a>
                @endcan
                @can('work')
                    <a href="/jobs/create" class="no-underline min-h-[44px] inline-flex items-center font-semibold">Take
                        a job in</a>
                @endcan
                <details class="ml-auto relative">
                    <summary class="font-medium">{{ $user->name }}</summary>
                    <div class="panel absolute right-0 z-20 w-72 grid gap-3">
                        <form method="post" action="/me" class="grid gap-3">
                            @csrf @method('put')
                            <x-pick name="unit_system" label="Units"
                                :options="['metric' => '°C, kg, mm, µm', 'us' => '°F, lb, in, mil']"
                                    :value="$user->unit_system->value" />
                            <x-pick name="theme" label="Light"
                                :options="['system' => 'As the device', 'light' => 'Light', 'dark' => 'Dark']"
                                    :value="$user->theme" />
                            <x-pick name="clock" label="Clock"
                                :options="['24' => '14:30', '12' => '2:30 pm']" :value="$user->clock" />
                            <button class="btn btn-quiet">Keep</button>
                        </form>
                        <a class="btn btn-quiet" href="/me">Password, PIN, where signed in</a>
                        <a class="btn btn-quiet" href="/devices">Devices</a>
                        @if (config('app.demo') && $user->can('work'))
                            <form method="post" action="/demo-clock" class="grid gap-2 border-t border-line pt-3">
                                <x-once />
                                <label for="demo-minutes">Put the demo clock forward, minutes</label>
                                <div class="flex gap-2"><input id="demo-minutes" name="minutes" value="5"
                                        inputmode="decimal"><button class="btn btn-quiet">Forward</button></div>
                            </form>
                        @endif
                        <p class="hint" data-no-tls hidden>This tablet cannot work on without the network: its address
                            is not https.</p>
                        <button type="button" class="btn btn-quiet" data-show-keys>Keys</button>
                        <form method="post" action="/sign-out">@csrf<button class="btn btn-quiet w-full">Sign
                                out</button></form>
                    </div>
                </details>
            </nav>
        </header>
        <div id="net" class="net no-print" role="status" hidden></div>
        <main id="main" class="px-5 py-4 max-w-[1500px] mx-auto" tabindex="-1">
            @if (session('said'))
                <p class="verdict mb-3 no-print" role="status">{{ session('said') }}
                    @if (session('sent'))
                        <a class="inline-flex items-center min-h-[44px]" href="{{ session('sent')['to'] }}">See it at
                            {{ session('sent')['at'] }}</a>
                    @endif
                </p>
            @endif
            @if ($errors->any())
                <div class="verdict mb-3 no-print" data-tone="stop" role="alert">
                    <strong>{{ $errors->count() === 1 ? 'One thing is not right' : $errors->count()
                        . ' things are not right' }}</strong>
                    <ul>
                        @foreach ($errors->all() as $message)
                            <li>{{ $message }}</li>
                        @endforeach
                    </ul>
                    @php($blocked = BlockedNotice::flashed())
                    @foreach ($blocked['rules'] ?? [] as $rule)
                        <x-remedies :part="$blocked['part']" :rule="$rule" />
                    @endforeach
                </div>
            @endif
            @can('manage')
                <x-backup-age />
                @if (Shop::current()->set_up_at === null && ! request()->is('set-up'))
                    <p class="verdict mb-3 no-print">The shop is not set up yet. <a
                            class="inline-flex items-center min-h-[44px]" href="/set-up">Finish setting it up</a></p>
                @endif
            @endcan
            {{ $slot }}
        </main>
        <dialog id="keys" aria-labelledby="keys-title">
            <h2 id="keys-title" class="mb-3">Keys</h2>
            <dl class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
                <dt><kbd>1</kbd> … <kbd>9</kbd>, <kbd>0</kbd></dt>
                <dd>walk the rail, Intake to Release</dd>
                <dt><kbd>/</kbd></dt>
                <dd>find a job, customer or part</dd>
                <dt><kbd>←</kbd> <kbd>→</kbd></dt>
                <dd>read values off a picture that has the focus</dd>
                <dt><kbd>?</kbd></dt>
                <dd>this list</dd>
            </dl>
            <form method="dialog" class="mt-4"><button class="btn btn-do">Back to work</button></form>
        </dialog>
    </body>

</html>
