<x-bare title="Nothing to trust">
    <div class="panel grid gap-3">
        <h1>This shop needs no certificate</h1>
        <p>It answers over plain http, on this machine only. To let tablets in the shop reach it over a secure
            connection, start it with <code>AENUM_HOST=0.0.0.0 ./start --shop</code>, then open this page again.</p>
        <a class="btn btn-do" href="/">Back to the board</a>
    </div>
</x-bare>
