@use('Aenum\Core\Preparation\Masking\PinKind')
@use('Aenum\Core\Units\Dimension', 'D')
@php($open = $part->job->isOpen())
@php($mayPin = $open && auth()->user()->can('work'))
<x-layout :title="$part->name . ': pictures and pins'" :at="$open ? $part->job->station : null">
    <x-part-head :part="$part" at="pins" />
    <div class="grid grid-cols-[minmax(0,1fr)_24rem] max-[1000px]:grid-cols-1 gap-5">
        <div class="grid gap-3 content-start">
            <nav class="flex flex-wrap gap-2 no-print" aria-label="Pictures of this part">
                <a class="btn {{ $picture ? 'btn-quiet' : 'btn-do' }}"
                    href="/parts/{{ $part->id }}/pins?picture=drawing"
                    @if (!$picture) aria-current="true" @endif>Drawing</a>
                @foreach ($part->pictures as $n => $one)
                    <a class="btn {{ $picture?->id === $one->id ? 'btn-do' : 'btn-quiet' }}"
                        href="/parts/{{ $part->id }}/pins?picture={{ $one->id }}"
                        @if ($picture?->id === $one->id) aria-current="true" @endif>Photo {{ $n + 1 }}</a>
                @endforeach
            </nav>
            <figure class="panel !p-2">
                <x-pinned :part="$part" :picture="$picture" :built="$built"
                    :place="$mayPin" />
            </figure>
            <p id="place-how" class="hint no-print">Touch the picture where it is, or move the cross with the arrow
                keys (shift for bigger steps). Square pins are masked; a double square must stay bare metal; round
                ones tell.</p>
            @if ($part->pins->isEmpty())
                <p class="panel">No pins yet. Pin every thread, bore, seat and face that must stay clean, where it
                    hangs and where it grounds, what is damaged, and what was like this before it was taken apart.
                </p>
            @endif
            @if ($mayPin)
                <div class="panel grid grid-cols-2 max-[900px]:grid-cols-1 gap-4 no-print">
                    <form method="post" action="/parts/{{ $part->id }}/pictures" enctype="multipart/form-data"
                        class="grid gap-2 content-start"><x-once />
                        <label for="photo">A photo, JPEG, PNG or WebP up to 15 MB</label><input id="photo"
                            type="file" name="photo" accept="image/jpeg,image/png,image/webp"
                            capture="environment"
                            @error('photo') aria-invalid="true" aria-describedby="photo-says" @enderror>
                        @error('photo')
                            <p id="photo-says" class="wrong">{{ $message }}</p>
                        @enderror
                        <button class="btn">Keep the photo</button>
                    </form>
                    @if ($picture)
                        <form method="post" action="/pictures/{{ $picture->id }}/withdraw" class="self-end">
                            <x-once /><button class="btn btn-quiet">Take this photo away</button></form>
                    @endif
                </div>
            @endif
        </div>
        <div class="grid gap-4 content-start">
            @if ($part->pins->isNotEmpty())
                <section class="panel">
                    <h2 class="mb-1">Pins</h2><x-pin-list :part="$part" :pins="$part->pins" :change="$open" />
                </section>
            @endif
            @if ($mayPin)
                <form method="post" action="/parts/{{ $part->id }}/pins" class="panel grid gap-3 no-print"
                    data-pin-form><x-once />
                    <h2>Set a pin</h2>
                    @if ($picture)
                        <input type="hidden" name="picture_id" value="{{ $picture->id }}">
                    @endif
                    <x-pick name="kind" label="What is there"
                        :options="collect(PinKind::cases())->mapWithKeys(fn($k) => [$k->value => $k->label()])"
                            empty="Pick one" />
                    <div class="grid grid-cols-2 gap-3"><x-field name="across" label="Across, %"
                            inputmode="decimal" /><x-field name="down" label="Down, %" inputmode="decimal" />
                    </div>
                    <div class="grid grid-cols-3 gap-3"><x-field name="size" label="Size"
                            :unit="$u->unit(D::Length)" /><x-field name="depth" label="A recess: deep"
                            :unit="$u->unit(D::Length)" /><x-field name="places" label="How many alike" value="1"
                            inputmode="numeric" /></div>
                    <x-field name="note" label="Note"
                        hint="Through or blind, which hose to which port, turns in, what is hurt."
                        maxlength="300" />
                    <label class="flex items-center gap-3 min-h-[44px] font-normal"><input type="checkbox"
                            name="is_stud" value="1" @checked(old('is_stud'))> The thread is on the
                        outside: a stud</label>
                    <label class="flex items-center gap-3 min-h-[44px] font-normal"><input type="checkbox"
                            name="must_stay_bare" value="1" @checked(old('must_stay_bare'))> Must stay bare metal:
                        safety hangs on it</label>
                    <button class="btn btn-do">Set the pin</button>
                </form>
            @endif
            <section class="panel" aria-label="Bags of loose pieces">
                <h2 class="mb-1">Bags of loose pieces</h2>
                <ul class="grid gap-2">
                    @forelse ($part->bags as $bag)
                        <li class="flex items-center gap-3 border-t border-line pt-1"><span
                                class="grow"><b>{{ $bag->name }}</b>: {{ $bag->count }},
                                {{ $bag->holds }}@if ($bag->counted_back !== null)
                                    <br><span @class(['wrong' => !$bag->isBack()])>{{ $bag->counted_back }} counted
                                        back</span>
                                @endif
                            </span>
                            @if ($mayPin)
                                <form method="post" action="/bags/{{ $bag->id }}/withdraw" class="no-print">
                                    <x-once /><button class="btn btn-quiet !px-3"
                                        aria-label="Take bag {{ $bag->name }} off the list">×</button></form>
                            @endif
                        </li>
                    @empty
                        <li class="hint">Nothing was taken off. What comes off is counted into a bag here, and
                            counted back before release.</li>
                    @endforelse
                </ul>
                @if ($mayPin)
                    <form method="post" action="/parts/{{ $part->id }}/bags" class="grid gap-2 mt-3 no-print">
                        <x-once />
                        <div class="grid grid-cols-2 gap-3"><x-field name="bag" label="Bag"
                                hint="B1, or what is on it." /><x-field name="count" id="bag-count" label="Pieces"
                                inputmode="numeric" /></div>
                        <x-field name="holds" label="What is in it" /><button class="btn">Count in</button>
                    </form>
                @endif
            </section>
        </div>
    </div>
</x-layout>
