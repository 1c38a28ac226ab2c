{{-- One line of the count at release: how many came back, or who looked. --}}
@props(['action', 'id', 'name', 'label', 'value' => null, 'does', 'of', 'figure' => true])
<form method="post" action="{{ $action }}" class="flex items-end gap-2">
    <x-once />
    <div class="grow">
        <label for="{{ $id }}">{{ $label }}</label>
        <input
            id="{{ $id }}"
            name="{{ $name }}"
            value="{{ $value }}"
            autocomplete="off"
            maxlength="120"
            @if ($figure) inputmode="numeric" @endif
        >
    </div>
    <button class="btn" aria-label="{{ $does }}{{ $of }}">{{ $does }}</button>
</form>
