@use('App\Platform\Presentation\QrCode')
@props(['text', 'label'])
@php($code = QrCode::of($text))
<svg viewBox="-2 -2 {{ $code->size + 4 }} {{ $code->size + 4 }}" class="w-full h-auto qr" role="img"
    aria-label="{{ $label }}">
    <rect x="-2" y="-2" width="{{ $code->size + 4 }}" height="{{ $code->size + 4 }}" fill="#fff" />
    <path d="{{ $code->path }}" fill="#000" />
</svg>
