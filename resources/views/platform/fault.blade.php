<x-bare :title="$title">
    <div class="panel grid gap-3">
        <h1>{{ $title }}</h1>
        <p>{{ $says }}</p>
        <p class="flex gap-3"><a class="btn btn-do" href="/">To the rail</a></p>
    </div>
</x-bare>
