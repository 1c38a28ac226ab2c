{{-- Asked for by a page with state of its own: the script that keeps it. --}}
@php($version = once(fn () => (string) @file_get_contents(public_path('build/version.txt'))))
@push('scripts')
    <script src="/build/local.js?v={{ $version }}" defer></script>
@endpush
