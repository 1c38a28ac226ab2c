<x-layout :title="'Care, job '.$job->number">
    <article class="panel record-sheet">
        <h1>How to look after it</h1>
        <p>{{ $sheet->shop }} for {{ $sheet->customer }}, job {{ $sheet->number }}: {{ $sheet->title }}</p>
        <ul class="list-disc pl-6">
            @foreach ($sheet->care as $care)
                <li>{{ $care }}</li>
            @endforeach
        </ul>
        <p class="hint">The powder maker's own sheet comes first.</p>
    </article>
    <p class="no-print hint mt-2">Print it from the browser; it goes along with the parts.</p>
</x-layout>
