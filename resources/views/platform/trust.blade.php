<x-bare title="Trust this shop's Aenum" wide>
    <div class="panel grid grid-cols-[minmax(0,1fr)_16rem] max-[900px]:grid-cols-1 gap-5">
        <div class="grid gap-3 content-start">
            <h1>How a tablet comes to trust this Aenum</h1>
            <ol class="list-decimal pl-5 grid gap-2">
                <li>On the tablet, open <a href="/trust/certificate">this certificate</a>, or read the code with its
                    camera.</li>
                <li>Install it where its settings keep certificates: security, then certificates, then authority. Some
                    tablets want it switched on once more under trusted certificates.</li>
                <li>Compare the SHA-256 fingerprint it shows with the one that <code>./start</code> printed on the
                    shop's machine, pair by pair. Do not go on if they differ: somebody else is answering.</li>
                <li>Open <a href="{{ $app }}">{{ $app }}</a>: no warning comes any more.</li>
            </ol>
            <p class="num break-words">{{ $fingerprint }}</p>
            <p class="hint">This page came unprotected, so what counts is the fingerprint on the machine itself.</p>
            <p class="hint">The authority was made by this machine for this shop alone, and its key never leaves it.
                Without it the app cannot work while the network is away.</p>
        </div>
        <x-qr :text="$address" label="The address of the certificate" />
    </div>
</x-bare>
