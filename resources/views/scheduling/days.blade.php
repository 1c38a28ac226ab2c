<nav class="flex flex-wrap gap-2 mb-3 no-print" aria-label="Days">
    @foreach ($board->days() as $date => $name)
        <a class="btn btn-quiet" href="{{ $to }}on={{ $date }}"
            @if ($board->on->toDateString() === $date) aria-current="date" @endif>{{ $name }}</a>
    @endforeach
</nav>
