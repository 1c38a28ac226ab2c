<x-bare title="That is not yours to do">
    <div class="panel grid gap-3">
        <h1>That is not yours to do</h1>
        <p>{{ $exception->getMessage() !== '' && 403 === 409 ? $exception->getMessage()
            : 'Your sign-in does not allow this. Ask the owner.' }}
        </p>
        <p class="flex gap-3"><a class="btn btn-do" href="/">To the rail</a></p>
    </div>
</x-bare>
