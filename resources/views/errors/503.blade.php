<x-bare title="Closed for a moment">
    <div class="panel grid gap-3">
        <h1>Closed for a moment</h1>
        <p>{{ $exception->getMessage() !== '' && 503 === 409 ? $exception->getMessage()
            : 'The shop is being worked on. Try again in a minute.' }}
        </p>
        <p class="flex gap-3"><a class="btn btn-do" href="/">To the rail</a></p>
    </div>
</x-bare>
