@use('App\Platform\Presentation\OldInput')
@props(['name', 'label', 'value' => null, 'hint' => null, 'unit' => null, 'type' => 'text', 'id' => null])
@php($key = str_replace(['[', ']'], ['.', ''], $name))
@php($id ??= str_replace('.', '-', $key))
@php($bad = $errors->has($key))
<div>
    <label for="{{ $id }}">{{ $label }}<span class="hint">{{ $unit ? ", {$unit}" : '' }}</span></label>
    <input id="{{ $id }}" name="{{ $name }}" type="{{ $type }}"
        value="{{ OldInput::text($key, $value) }}" autocomplete="off"
        @if ($bad) aria-invalid="true" @endif
        @if ($bad || $hint) aria-describedby="{{ $id }}-says" @endif {{ $attributes }}>
    @if ($bad)
        <p id="{{ $id }}-says" class="wrong">{{ $errors->first($key) }}</p>
    @elseif ($hint)
        <p id="{{ $id }}-says" class="hint">{{ $hint }}</p>
    @endif
</div>
