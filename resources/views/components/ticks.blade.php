{{-- A set of boxes to tick. --}}
@props(['name', 'legend', 'options', 'ticked' => [], 'marked' => [], 'mark' => '', 'wide' => false])
<fieldset>
    <legend>{{ $legend }}</legend>
    <div class="grid {{ $wide ? '' : 'grid-cols-2' }}">
        @foreach ($options as $key => $word)
            <label class="flex items-center gap-2 min-h-[44px] font-normal">
                <input type="checkbox" name="{{ $name }}[]" value="{{ $key }}" @checked(in_array($key, $ticked, true))>
                {{ $word }}
                @if (in_array($key, $marked, true))
                    <span class="hint">{{ $mark }}</span>
                @endif
            </label>
        @endforeach
    </div>
</fieldset>
