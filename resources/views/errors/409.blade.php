<x-bare title="Already sent">
    <div class="panel grid gap-3">
        <h1>Already sent</h1>
        <p>{{ $exception->getMessage() !== '' && 409 === 409 ? $exception->getMessage()
            : 'This form was already sent.' }}
        </p>
        <p class="flex gap-3"><a class="btn btn-do" href="/">To the rail</a></p>
    </div>
</x-bare>
