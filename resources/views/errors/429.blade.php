<x-bare title="Too many tries">
    <div class="panel grid gap-3">
        <h1>Too many tries</h1>
        <p>{{ $exception->getMessage() !== '' && 429 === 409 ? $exception->getMessage()
            : 'Wait a minute, then try again.' }}
        </p>
        <p class="flex gap-3"><a class="btn btn-do" href="/">To the rail</a></p>
    </div>
</x-bare>
