<x-layout title="The clocks do not agree">
    <div class="panel grid gap-3 max-w-2xl">
        <h1>The clocks do not agree</h1>
        <p>{{ $says }} Nothing is logged yet.</p>
        @if ($canGoOn)
            <form method="post" action="{{ $action }}" class="flex flex-wrap gap-3">
                @csrf
                @foreach ($fields as $name => $value)
                    <input type="hidden" name="{{ $name }}" value="{{ $value }}">
                @endforeach
                <input type="hidden" name="_moment" value="{{ $token }}">
                <button class="btn btn-do">Log it at {{ $at }}</button>
                <a class="btn btn-quiet" href="/">Log nothing</a>
            </form>
        @else
            <p>Set the clock right, go back, and send it again with its file.</p>
        @endif
        <p class="hint">If the clock of the shop's machine is wrong, set it right first: everything logged until then
            has wrong times.</p>
    </div>
</x-layout>
