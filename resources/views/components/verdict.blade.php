@props(['tone' => 'good', 'headline', 'reasons' => []])
<div {{ $attributes->merge(['class' => 'verdict']) }} data-tone="{{ $tone }}">
    <strong>{{ $tone === 'stop' ? 'Stop. ' : '' }}{{ $headline }}</strong>
    @foreach ($reasons as $reason)<p>{{ $reason }}</p>@endforeach
    {{ $slot }}
</div>
