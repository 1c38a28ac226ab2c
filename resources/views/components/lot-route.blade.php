{{-- Every step of a lot's route, with what became of it. --}}
@props(['walk'])
<ol class="lot-route" aria-label="Route of {{ $walk->batch->title() }}">
    @foreach ($walk->lines() as $line)
        <li data-state="{{ $line->word() }}" @if ($line->next) aria-current="step" @endif>
            <b>{{ ucfirst($line->name) }}</b>
            <span @class(['hint', 'wrong' => $line->word() === 'put off'])>{{ $line->word() }}</span>
            @if ($line->film)
                <span class="hint">{{ $u->said($line->film) }}</span>
            @endif
            @if ($line->says)
                <span class="hint">{{ $line->says }}</span>
            @endif
        </li>
    @endforeach
</ol>
