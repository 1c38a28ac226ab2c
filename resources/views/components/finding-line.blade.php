{{-- What a rule says, in a line, beside the step it belongs to. --}}
@props(['finding', 'part' => null])
<p @class(['wrong' => $finding->holds()])>
    @if ($finding->isStop())
        Stop.
    @endif
    @if ($part)
        <b>{{ ucfirst($part->name) }}:</b>
    @endif
    {{ $u->said($finding->words()) }}
</p>
