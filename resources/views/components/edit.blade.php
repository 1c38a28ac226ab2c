@use('App\Platform\Concurrency\OriginalFormState')
{{-- A form that changes what somebody else may have open as well: it carries its fields as they stood when opened. --}}
{{-- One that is sent at every change (often) does its work each time. --}}
@props(['action', 'new' => false, 'often' => false, 'name' => null])
<form method="post" action="{{ $action }}" {{ $attributes }}>
    @if ($often)
        @csrf
    @else
        <x-once />
    @endif
    @unless ($new)
        @method('put')
        <input type="hidden" name="_opened" value="{{ OriginalFormState::of($slot) }}"
            @if ($name) id="{{ $name }}-opened" @endif>
    @endunless
    {{ $slot }}
</form>
