@use('Aenum\Core\Unit\Dimension', 'D')
@use('App\Actions\Lot\CoatLine')
@use('App\Support\ShopClock')
<x-layout :title="'Record of job ' . $job->number" :at="$job->isOpen() ? $job->station : null">
    <div class="flex items-start justify-between gap-4 mb-2">
        <div>
            <h1>Record of job {{ $job->number }}: {{ $job->title }}</h1>
            <p>{{ App\Models\Shop::current()->name }} for {{ $job->customer->name }} ·
                {{ $job->status === 'released' ? 'released '
                    . ShopClock::local($job->moves->firstWhere('kind', 'released')->at)->format('j F Y')
                        : 'not released yet, '.$job->whereWords() }}
            </p>
        </div>
        <p class="no-print hint">Print from the browser; it fits one sheet.</p>
    </div>
    @if ($job->notes)
        <p class="mb-2 whitespace-pre-line">Agreed: {{ $job->notes }}</p>
    @endif
    @foreach ($said as $name => $promise)
        @if ($promise->heads())
            <div class="mb-2"><b>{{ ucfirst($name) }}, as said at the counter.</b>
                <x-promise :promise="$promise" />
            </div>
        @endif
    @endforeach
    <div class="panel mb-3 scroll-x" tabindex="0" role="region" aria-label="Parts and coats">
        <table class="grid-table">
            <thead>
                <tr>
                    <th scope="col">Part</th>
                    <th scope="col">Coat</th>
                    <th scope="col">After all bakes</th>
                    <th scope="col" class="n">Dose</th>
                    <th scope="col" class="n">Over-bake</th>
                    <th scope="col" class="n">Peak</th>
                    <th scope="col">Found</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($walks as $walk)
                    @foreach (CoatLine::all($walk) as $line)
                        <tr>
                            <th scope="row">
                                @if ($line->first)
                                    {{ $line->lot->title() }}{{ $line->lot->fate === 'scrapped' ? ', scrapped' : '' }}
                                    <br><span class="hint font-normal">{{ $line->lot->part->metalKind()->name }},
                                        {{ $u->ofOne($line->lot->part) }}</span>
                                @endif
                            </th>
                            <td>{{ ucfirst($line->coat->role) }}: {{ $line->coat->powder->name
                                }}@if ($line->coat->powder->lot)
                                    <br><span class="hint">lot {{ $line->coat->powder->lot }}</span>
                                @endif
                            </td>
                            <td>{{ ucfirst($u->said($line->standing->words())) }}</td>
                            <td class="n">
                                {{ $line->standing->isBaked() ? number_format($line->standing->dose, 2) : '' }}
                            </td>
                            <td class="n">
                                @if ($line->overbake() !== null)
                                    {{ number_format($line->overbake(), 2) }}
                                @elseif ($line->standing->isBaked())
                                    not judged
                                @endif
                            </td>
                            <td class="n">{{ $line->peakC === null ? '' : $u->temp($line->peakC) }}</td>
                            <td>
                                @forelse ($line->found as $inspection)
                                    <x-finding :inspection="$inspection" /><br>
                                @empty
                                    <span class="hint">nothing recorded</span>
                                @endforelse
                            </td>
                        </tr>
                    @endforeach
                @endforeach
            </tbody>
        </table>
    </div>
    <div class="record-steps">
        @foreach ($walks as $walk)
            <section class="panel mb-3" aria-label="Steps">
                <h2>{{ ucfirst($walk->lot->title()) }}: {{ $walk->progress() }}</h2>
                <x-lot-route :walk="$walk" />
            </section>
        @endforeach
    </div>
    <div class="record-bakes">
        @foreach ($bakes as $bake)
            <section class="panel mb-3" aria-label="Bake">
                <h2>{{ $bake->oven->name }}, {{ ShopClock::local($bake->shut_at)->format('j M Y H:i') }} to
                    {{ ShopClock::time($bake->pulled_at) }}, {{ $u->temp($bake->setpoint_c) }}</h2>
                <p class="hint">Door shut by {{ $bake->shutBy->name }}, pulled by {{ $bake->pulledBy->name }}.
                    {{ $bake->readings->isEmpty() ? 'No thermometer reading was taken; the curve is the model\'s.'
                        : $bake->readings->count() . ' thermometer reading(s): '
                            . $bake->readings->map(fn($r) => $u->temp($r->celsius) . ' on ' . $r->item->part->name
                                . ' at ' . ShopClock::time($r->at))->join(', ') . '. The curve is corrected by them.' }}
                </p>
                <div class="max-w-[52rem]">{{ App\Charts\KeptPicture::of($bake, $u) }}</div>
            </section>
        @endforeach
    </div>
    <section class="panel" aria-label="Signatures">
        <h2>Signed</h2>
        <ol class="columns-2 max-[900px]:columns-1 print:!columns-2">
            @foreach ($job->parts->flatMap->signatures as $signature)
                <li class="mb-1"><b>{{ $signature->signed_by }}</b> <span
                        class="hint">{{ ShopClock::time($signature->at) }}, taken by
                        {{ $signature->user->name }}</span><br>{{ $signature->wording }}</li>
            @endforeach
            @foreach ($bakedOut as $load)
                @foreach ($load->results as $result)
                    <li class="mb-1"><b>Baked out</b>, {{ $result->part->name }} in the {{ $load->oven->name }}:
                        {{ App\Support\Units::minutes($result->held_minutes ?? 0) }} at
                        {{ $u->temp($load->target_c) }} and more <span
                            class="hint">{{ ShopClock::time($load->pulled_at) }}</span></li>
                @endforeach
            @endforeach
            @foreach ($job->parts as $part)
                @foreach ($part->pins->whereNotNull('bare_signed_by') as $pin)
                    <li class="mb-1"><b>{{ $pin->bare_signed_by }}</b> looked: {{ $part->name }}, pin
                        {{ $pin->number }} {{ $pin->kind->label() }} is bare metal <span
                            class="hint">{{ ShopClock::time($pin->bare_signed_at) }}</span></li>
                @endforeach
                @php($masks = $part->pins->flatMap->fittings)
                @if ($masks->isNotEmpty())
                    <li class="mb-1"><b>Masks</b>, {{ $part->name }}: {{ $masks->sum('fitted') }} on,
                        {{ $masks->sum('removed') }} off again</li>
                @endif
                @foreach ($part->bags as $bag)
                    <li class="mb-1"><b>Bag {{ $bag->name }}</b>: {{ $bag->holds }}, {{ $bag->count }}
                        in, {{ $bag->counted_back ?? 'not yet' }} back</li>
                @endforeach
            @endforeach
            @foreach ($job->moves->reverse() as $move)
                <li class="mb-1"><x-move :move="$move" /></li>
            @endforeach
        </ol>
    </section>
</x-layout>
