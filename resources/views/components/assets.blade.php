@php($version = once(fn () => (string) @file_get_contents(public_path('build/version.txt'))))
<link rel="stylesheet" href="/build/app.css?v={{ $version }}">
<script src="/build/app.js?v={{ $version }}" defer></script>
@stack('scripts')
