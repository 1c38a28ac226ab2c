{{-- A page without the rail, for whoever is not signed in. --}}
@props(['title', 'wide' => false, 'now' => null])
<!doctype html>
<html lang="en" data-theme="system" data-now="{{ ($now ?? now())->getTimestampMs() }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Aenum</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    <x-assets />
</head>
<body>
<main class="min-h-screen grid place-items-center p-6"><div class="w-full {{ $wide ? 'max-w-5xl' : 'max-w-md' }}">
    <div id="net" class="net no-print" role="status" hidden></div>
    {{ $slot }}
</div></main>
</body>
</html>
