<x-layout :title="'Sheet of job '.$job->number">
    <div class="flex flex-wrap gap-3 mb-3 no-print">
        <a class="btn btn-do" href="/jobs/{{ $job->id }}/sheet.pdf">PDF, one page</a>
        <a class="btn btn-quiet" href="/jobs/{{ $job->id }}/record">The shop's full record</a>
        <p class="hint self-center">Printed from here it fits one sheet as well.</p>
    </div>
    <div class="panel record-paper"><x-record-sheet :sheet="$sheet" /></div>
</x-layout>
