@props(['title', 'fields'])
{{-- The second layer of a form: closed until asked for, or until one of its fields is wrong. --}}
<details class="panel" @if ($errors->hasAny($fields)) open @endif>
    <summary class="font-semibold">{{ $title }}</summary>
    <div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-4 mt-3">
        {{ $slot }}
    </div>
</details>
