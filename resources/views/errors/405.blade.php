<x-bare title="Not this way">
    <div class="panel grid gap-3">
        <h1>Not this way</h1>
        <p>{{ $exception->getMessage() !== '' && 405 === 409 ? $exception->getMessage()
            : 'This address does not take that kind of request.' }}
        </p>
        <p class="flex gap-3"><a class="btn btn-do" href="/">To the rail</a></p>
    </div>
</x-bare>
