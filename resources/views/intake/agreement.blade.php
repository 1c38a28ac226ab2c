@use('App\Accounts\Models\Shop')
@use('App\Platform\Clock\ShopClock')
<x-layout :title="'Agreed for ' . $part->name" :at="$part->job->isOpen() ? $part->job->station : null">
    <x-part-head :part="$part" at="agreement" />
    <article class="panel max-w-4xl grid gap-3 agreement">
        <p>{{ Shop::current()->name }} and {{ $part->job->customer->name }}, job
            {{ $part->job->number }}: {{ $part->count }} × {{ $part->name }},
            {{ strtolower($part->metalKind()->name) }}. {{ ShopClock::today()->format('j F Y') }}</p>
        @if ($part->job->notes)
            <p class="whitespace-pre-line">{{ $part->job->notes }}</p>
        @endif
        @foreach ($counter->promise->heads() as $head => $lines)
            <section>
                <h2>{{ $head }}</h2>
                <ul class="list-disc pl-6">
                    @foreach ($lines as $line)
                        <li>{{ $line }}</li>
                    @endforeach
                </ul>
            </section>
        @endforeach
        @if ($waivable->isNotEmpty())
            <section class="grid gap-2">
                <h2>Agreed and signed</h2>
                @foreach ($waivable as $finding)
                    <div class="border-t border-line pt-2">
                        <p>{{ $u->said($finding->words()) }}</p>
                        @php($signature = $part->signatures->firstWhere('rule', $finding->rule->signedUnder()))
                        @if ($signature)
                            <p><b>Signed {{ $signature->signed_by }}</b>,
                                {{ ShopClock::local($signature->at)->format('j F Y H:i') }}, taken by
                                {{ $signature->user->name }}.</p>
                        @else<p class="sign-line">Signed</p>
                        @endif
                    </div>
                @endforeach
            </section>
        @endif
        @foreach ($signed as $signature)
            <p class="border-t border-line pt-2">{{ $signature->wording }}<br><b>Signed
                    {{ $signature->signed_by }}</b>, {{ ShopClock::local($signature->at)->format('j F Y H:i') }},
                taken by {{ $signature->user->name }}.</p>
        @endforeach
        @if ($isEmpty)
            <p>Nothing special was found or agreed for this part. What is noted under “What it is and its route” is
                worded here.</p>
        @endif
        <p class="hint">The makers' sheets, local codes and licensed practice come first.</p>
        <p class="sign-line">Customer</p>
        <p class="sign-line">{{ Shop::current()->name }}</p>
    </article>
    <p class="hint mt-2 no-print">Print from the browser; it fits one sheet. A name typed under a rule on the route
        page appears here.</p>
</x-layout>
