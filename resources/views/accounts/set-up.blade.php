<x-layout title="Set up the shop">
    <h1 class="mb-2">Set up the shop</h1>
    <p class="mb-4">Enter what you know today. Anything left out is estimated, marked as an estimate, and asked for when
        a station needs it.</p>
    <ol class="grid gap-3 max-w-3xl">
        @foreach ($steps as $n => [$name, $says, $done, $form, $list])
            <li class="panel grid grid-cols-[2.5rem_minmax(0,1fr)_auto] items-center gap-3">
                <span class="num text-[1.6rem]">{{ $done ? '✓' : $n + 1 }}</span>
                <span><b>{{ $name }}</b><br><span class="hint">{{ $says }}</span></span>
                <a @class(['btn', 'btn-quiet' => $done, 'btn-do' => ! $done]) href="{{ $done ? $list : $form }}"
                    aria-label="{{ $done ? 'See' : 'Enter' }}: {{ $name }}">{{ $done ? 'See' : 'Enter' }}</a>
            </li>
        @endforeach
    </ol>
    <form method="post" action="/set-up" class="mt-4"><x-once /><button class="btn btn-do">Done: take
            in the first job</button></form>
</x-layout>
