@use('Aenum\Core\Units\Dimension')
@props(['drawing'])
@foreach ($drawing->pieces() as $piece)
    @foreach ($piece['faces'] as $face)
        <path d="{{ $face['path'] }}" fill-opacity="{{ $face['shade'] }}" />
    @endforeach
    <text x="{{ $piece['x'] }}" y="{{ $piece['base'] + 24 }}">{{ $piece['caption'] }}</text><text class="tick"
        x="{{ $piece['x'] }}" y="{{ $piece['base'] + 43 }}">{{ $u->quantity($piece['measures']) }}</text>
@endforeach
<line x1="16" x2="{{ 16 + $drawing->ruler()['width'] }}" y1="16" y2="16" /><text class="tick"
    x="{{ 22 + $drawing->ruler()['width'] }}"
    y="21">{{ $u->show(Dimension::Length, $drawing->ruler()['mm']) }}</text>
