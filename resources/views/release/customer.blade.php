<x-bare :title="'Record of job '.$sheet->number" :wide="true">
    <x-record-sheet :sheet="$sheet" />
    <p class="no-print mt-4"><a class="btn btn-do" href="{{ $pdf }}">The same as a PDF</a></p>
</x-bare>
