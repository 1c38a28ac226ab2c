<x-bare title="The page was open too long">
    <div class="panel grid gap-3">
        <h1>The page was open too long</h1>
        <p>{{ $exception->getMessage() !== '' && 419 === 409 ? $exception->getMessage()
            : 'Go back, and send the form again; what you typed is still there.' }}
        </p>
        <p class="flex gap-3"><a class="btn btn-do" href="/">To the rail</a></p>
    </div>
</x-bare>
