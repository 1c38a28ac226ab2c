<x-bare title="Nothing hangs here">
    <div class="panel grid gap-3">
        <h1>Nothing hangs here</h1>
        <p>{{ $exception->getMessage() !== '' && 404 === 409 ? $exception->getMessage()
            : 'The page or record you asked for is not there.' }}
        </p>
        <p class="flex gap-3"><a class="btn btn-do" href="/">To the rail</a></p>
    </div>
</x-bare>
