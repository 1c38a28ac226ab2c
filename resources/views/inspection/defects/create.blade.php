@use('Aenum\Core\Inspection\DefectKind')
@use('Aenum\Core\Units\Dimension', 'D')
@php($part = $batch->part)
<x-layout :title="'A fault on '.$part->name" :at="$batch->isOpen() ? $batch->station : null">
    <h1 class="mb-1">What is wrong, and where</h1>
    <p class="hint mb-3"><a href="/station/inspect?lot={{ $batch->id }}">{{ $batch->title() }}</a>, job
        {{ $part->job->number }}{{ $batch->isOpen() ? ''
            : '; it has left: what is found now stands beside its record' }}
    </p>
    <div class="grid grid-cols-[minmax(0,1fr)_26rem] max-[1000px]:grid-cols-1 gap-5 items-start">
        <div class="grid gap-2">
            <nav class="flex flex-wrap gap-2" aria-label="Pictures of this part">
                <a class="btn {{ $picture ? 'btn-quiet' : 'btn-do' }}"
                    href="?{{ http_build_query(['picture' => 'drawing', 'kind' => $kind?->value]) }}">Drawing</a>
                @foreach ($part->pictures as $n => $one)
                    <a class="btn {{ $picture?->id === $one->id ? 'btn-do' : 'btn-quiet' }}"
                        href="?{{ http_build_query(['picture' => $one->id, 'kind' => $kind?->value]) }}">Photo
                        {{ $n + 1 }}</a>
                @endforeach
            </nav>
            <figure class="panel !p-2"><x-pinned :part="$part" :picture="$picture" :place="true" /></figure>
            <p id="place-how" class="hint">Touch the picture where it is, or move the cross with the arrow keys.</p>
        </div>
        <form method="post" action="/batches/{{ $batch->id }}/defects" class="panel grid gap-3" data-pin-form>
            <x-once />
            @if ($picture)
                <input type="hidden" name="picture_id" value="{{ $picture->id }}">
            @endif
            <x-pick name="kind" label="What is wrong" :value="$kind?->value" empty="Pick one"
                :options="collect(DefectKind::cases())->mapWithKeys(fn ($k) => [$k->value => ucfirst($k->label())
                    .': '.$k->looks()])" />
            <a href="/defects" class="inline-flex items-center min-h-[44px]">See how each looks</a>
            <div class="grid grid-cols-2 gap-3">
                <x-field name="pieces" label="On how many pieces" :value="$batch->count === 1 ? 1 : ''"
                    inputmode="numeric" :hint="'of '.$batch->count" />
                <x-field name="size" label="Across" :unit="$u->unit(D::Length)" inputmode="text" />
            </div>
            <x-pick name="pin" label="At a pin" :value="$pin?->id" empty="none"
                :options="$part->pins->mapWithKeys(fn ($p) => [$p->id => ucfirst($p->words())])" />
            <x-pick name="coat" label="In which coat" :value="$top?->id" empty="not known"
                :options="$coats->mapWithKeys(fn ($c) => [$c->id => $c->position.' '.$c->words()])" />
            <div class="grid grid-cols-2 gap-3">
                <x-field name="across" label="Across, %" inputmode="decimal" />
                <x-field name="down" label="Down, %" inputmode="decimal" />
            </div>
            <x-pick name="to_metal" label="One broken open: does it go to metal?" empty="not opened"
                :options="['no' => 'no, not to metal', 'yes' => 'yes, to metal']" />
            <x-field name="note" label="Note" maxlength="300" />
            <button class="btn btn-do">Pin it</button>
        </form>
    </div>
</x-layout>
