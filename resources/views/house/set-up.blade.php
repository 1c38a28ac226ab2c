<x-layout title="Setting the shop up">
    <h1 class="mb-2">Setting the shop up</h1>
    <p class="mb-4">In the order a shop would, each as far as you know it today; every one can be left for later.</p>
    <ol class="grid gap-3 max-w-3xl">
        @foreach ($steps as $n => [$name, $says, $to, $done])
            <li class="panel grid grid-cols-[2.5rem_minmax(0,1fr)_auto] items-center gap-3">
                <span class="num text-[1.6rem]">{{ $n + 1 }}</span>
                <span><b>{{ $name }}</b>{{ $done ? ': there is something already' : '' }}<br><span
                        class="hint">{{ $says }}</span></span>
                <a @class(['btn', 'btn-quiet' => $done, 'btn-do' => ! $done]) href="{{ $to }}">
                    {{ $done ? 'Look' : 'Set up' }}</a>
            </li>
        @endforeach
    </ol>
    <form method="post" action="/set-up" class="mt-4"><x-once /><button class="btn btn-do">That is all for
            now</button></form>
</x-layout>
