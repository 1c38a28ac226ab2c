@use('App\Platform\Presentation\OldInput')
@props(['name', 'label', 'options', 'value' => null, 'hint' => null, 'id' => null, 'empty' => null])
@php($key = str_replace(['[', ']'], ['.', ''], $name))
@php($id ??= str_replace('.', '-', $key))
@php($bad = $errors->has($key))
<div>
    <label for="{{ $id }}">{{ $label }}</label>
    <select id="{{ $id }}" name="{{ $name }}"
        @if ($bad) aria-invalid="true" @endif
        @if ($bad || $hint) aria-describedby="{{ $id }}-says" @endif {{ $attributes }}>
        @if ($empty !== null)
            <option value="">{{ $empty }}</option>
        @endif
        @foreach ($options as $key2 => $text)
            <option value="{{ $key2 }}"
                @selected(OldInput::text($key, $value) === (string) $key2)>{{ $text }}</option>
        @endforeach
    </select>
    @if ($bad)
        <p id="{{ $id }}-says" class="wrong">{{ $errors->first($key) }}</p>
    @elseif ($hint)
        <p id="{{ $id }}-says" class="hint">{{ $hint }}</p>
    @endif
</div>
