{{-- The customer's sheet: one page, all in it ready words. --}}
@props(['sheet'])
@use('App\Release\ViewModels\BatchCurveChart')
<article class="record-sheet" data-letter="{{ $sheet->isLetter ? 'yes' : 'no' }}">
    <header>
        <h1>Record of job {{ $sheet->number }}: {{ $sheet->title }}</h1>
        <p>{{ $sheet->shop }} for {{ $sheet->customer }} · {{ $sheet->state }}</p>
    </header>
    @unless ($sheet->isWhole)
        <p class="wrong"><b>This record does not match its digest.</b> Ask the shop.</p>
    @endunless
    @if ($sheet->agreed)
        <p class="whitespace-pre-line">Agreed: {{ $sheet->agreed }}</p>
    @endif
    @foreach ($sheet->said() as $said)
        <p class="hint">{{ $said }}</p>
    @endforeach
    @foreach ($sheet->parts as $part)
        <section>
            <h2>{{ ucfirst($part->title) }} <span class="hint font-normal">{{ $part->what }}</span></h2>
            @foreach ([$part->coats, $part->film, $part->tests, $part->agreed, $part->letGo] as $lines)
                @foreach ($lines as $line)
                    <p>{{ ucfirst($line) }}</p>
                @endforeach
            @endforeach
            <div class="record-curves">
                @foreach ($part->bakes as $bake)
                    <figure>
                        <figcaption class="hint">{{ $bake['head'] }}</figcaption>
                        @if ($bake['curve'])
                            <x-own-curve :curve="$bake['curve']" />
                        @endif
                    </figure>
                @endforeach
            </div>
            @if ($part->handedOver)
                <p class="hint">{{ $part->handedOver }}</p>
            @endif
        </section>
    @endforeach
    <footer>
        <p><b>Care.</b> {{ implode(' ', $sheet->care) }}</p>
        @foreach ($sheet->supplements as $supplement)
            <p><b>Supplement</b>, {{ $supplement }}</p>
        @endforeach
        @foreach ($sheet->signatures as $signature)
            <p class="flex items-end gap-3">Taken by {{ $signature['name'] }}
                @if ($signature['paths'])
                    <svg class="signature" viewBox="0 0 1000 1000" preserveAspectRatio="none" role="img"
                        aria-label="Signature of {{ $signature['name'] }}">
                        @foreach ($signature['paths'] as $path)
                            <polyline points="{{ $path }}" />
                        @endforeach
                    </svg>
                @endif
            </p>
        @endforeach
        @if ($sheet->digest)
            <p class="hint digest">Digest of this record (SHA-256): {{ $sheet->digest }}</p>
        @endif
    </footer>
</article>
