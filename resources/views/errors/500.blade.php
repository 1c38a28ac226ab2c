<x-bare title="Something broke">
    <div class="panel grid gap-3">
        <h1>Something broke</h1>
        <p>{{ $exception->getMessage() !== '' && 500 === 409 ? $exception->getMessage()
            : 'It is written down in the log. Nothing you saved is lost.' }}
        </p>
        <p class="flex gap-3"><a class="btn btn-do" href="/">To the rail</a></p>
    </div>
</x-bare>
