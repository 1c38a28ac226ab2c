@use('App\Platform\Backup\Backups')
{{-- Said to the owner: quietly while a backup is fresh, loudly when it is late. --}}
@php($backups = Backups::now())
@if ($backups->isLate())
    <p class="verdict mb-3 no-print" data-tone="warn" role="status">{{ $backups->words() }}</p>
@endif
