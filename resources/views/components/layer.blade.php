@props(['title', 'fields', 'id' => null])
{{-- The second layer of a form: closed until asked for, or until one of its fields is wrong. A browser opens it
    where a link leads to its id. --}}
<details class="panel" @if ($errors->hasAny($fields)) open @endif>
    <summary class="font-semibold">{{ $title }}</summary>
    <div @if ($id) id="{{ $id }}" @endif class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-4 mt-3">
        {{ $slot }}
    </div>
</details>
