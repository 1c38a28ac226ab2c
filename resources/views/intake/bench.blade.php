@use('Aenum\Core\Geometry\ShapeKind')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Intake\ViewModels\PartDrawing')
@use('App\Intake\ViewModels\ShapeDimensions')
<x-layout :title="$part->name . ' on the part bench'" :at="$part->job->isOpen() ? $part->job->station : null">
    <x-part-head :part="$part" at="bench" />
    <div class="grid grid-cols-[minmax(0,1fr)_22rem] max-[1000px]:grid-cols-1 gap-5">
        <div class="grid gap-4 content-start">
            @if ($built->gap())
                <x-verdict tone="stop" :headline="'Weighed and built are apart.'" :reasons="[$built->gap()]" />
            @endif
            @if ($drawing)
                <figure class="panel">
                    <svg class="part-drawing"
                        viewBox="0 0 {{ PartDrawing::WIDTH }} {{ round($drawing->height()) }}"
                        role="img"
                        aria-label="{{ collect($drawing->pieces())->map(fn($p) => $p['caption'] . ', '
                            . $u->quantity($p['measures']))->join('; ') }}">
                        <x-part-drawing :drawing="$drawing" />
                    </svg>
                    <figcaption class="hint flex flex-wrap gap-x-4"><span>To scale, each shape once.
                            Thickness:</span>
                        @foreach ($drawing->tones() as $tone)
                            <span class="inline-flex items-center gap-1"><svg class="part-drawing tone"
                                    viewBox="0 0 10 10" aria-hidden="true">
                                    <path d="M0 0h10v10h-10z" fill-opacity="{{ $tone['shade'] }}" />
                                </svg>{{ $u->show(D::Length, $tone['mm']) }}</span>
                        @endforeach
                    </figcaption>
                </figure>
                @if (! $part->mesh)
                    <x-turned :part="$part" caption="All of it, side by side" />
                @endif
                <ol class="panel grid gap-1">
                    @foreach ($built->pieces as $n => $piece)
                        <li class="flex items-center justify-between gap-3"><span><b>{{ $piece['count'] }} ×
                                    {{ $piece['label'] }}</b>:
                                {{ $u->show(D::Mass, $piece['count'] * $piece['massKg']) }},
                                {{ $u->show(D::Area, $piece['count'] * $piece['shape']->extent->coatAreaM2) }} to
                                coat, {{ $u->show(D::Length, $piece['shape']->extent->thickestMm) }} thick</span>
                            @if ($part->job->isOpen())
                                @can('work')
                                    <form method="post"
                                        action="/parts/{{ $part->id }}/shapes/{{ $n }}/drop">
                                        <x-once /><button class="btn btn-quiet !px-3"
                                            aria-label="Take away shape {{ $n + 1 }}, {{ $piece['label'] }}">×</button>
                                    </form>
                                @endcan
                            @endif
                        </li>
                    @endforeach
                </ol>
            @elseif (!$part->mesh)
                <p class="panel">Nothing is built yet. Pick a shape, give its measures, and it is drawn and weighed
                    here.</p>
            @endif
            @if ($part->mesh)
                @include('intake.mesh', ['mesh' => $part->mesh])
            @endif
            <section class="panel" aria-label="Does it fit">
                <h2 class="mb-1">Does it fit</h2>
                <dl class="grid grid-cols-[6rem_minmax(0,1fr)] gap-x-3">
                    @foreach ($fit as $line)
                        <dt class="font-medium">{{ ucfirst($line->equipment->label()) }}</dt>
                        <dd @class(['wrong' => $line->fits === false])>{{ $line->answer() }}
                            {{ $u->said($line->says) }}</dd>
                    @endforeach
                </dl>
            </section>
            @foreach ($lastTime as $time)
                <section class="panel" aria-label="Last time">
                    <h2>Last time: <a href="/jobs/{{ $time['part']->job_id }}">job
                            {{ $time['part']->job->number }}</a></h2>
                    <ul>
                        @foreach ($time['learned'] as $line)
                            <li>{{ $line }}</li>
                        @endforeach
                    </ul>
                </section>
            @endforeach
        </div>
        <div class="grid gap-4 content-start">
            @if (!$built->isEmpty())
                <section class="panel" aria-label="What it comes to">
                    <p><span
                            class="num text-[3rem]">{{ $built->massKg() > 0 ? $u->show(D::Mass, $built->massKg())
                                : $u->show(D::Area, $built->coatAreaM2()) }}</span>
                    </p>
                    <p>{{ $u->show(D::Area, $built->coatAreaM2()) }} to coat,
                        {{ $u->show(D::Area, $built->blastAreaM2()) }} to blast,
                        {{ $u->show(D::Area, $built->heatAreaM2()) }}
                        heated{{ $built->pieces ? '; thickest ' . $u->show(D::Length, $built->thickestMm()) : '' }}.
                    </p>
                    <p class="hint">Written down: {{ $u->ofOne($part) }}.</p>
                    @if ($part->job->isOpen())
                        @can('work')
                            <form method="post" action="/parts/{{ $part->id }}/shapes/take" class="mt-2">
                                <x-once /><button class="btn w-full">Take these figures</button></form>
                        @endcan
                    @endif
                </section>
            @endif
            @if ($part->job->isOpen())
                @can('work')
                    <form method="get" action="/parts/{{ $part->id }}/bench" class="panel flex items-end gap-3">
                        <div class="grow"><x-pick name="kind" label="Shape"
                            :options="collect(ShapeKind::cases())->mapWithKeys(fn($k) => [$k->value => $k->label()])"
                                :value="$kind->value" />
                        </div><button class="btn">Pick</button>
                    </form>
                    <form method="post" action="/parts/{{ $part->id }}/shapes" class="panel grid gap-3">
                        <x-once /><input type="hidden" name="shape" value="{{ $kind->value }}">
                        <h2>{{ ucfirst($kind->label()) }}</h2>
                        <x-field name="count" label="How many of it" value="1" inputmode="numeric" />
                        @foreach (ShapeDimensions::fields($kind) as $measure => $hint)
                            <x-field
                                :name="$measure"
                                :label="ShapeDimensions::label($measure)"
                                :unit="ShapeDimensions::unit($measure, $u)"
                                :hint="$hint"
                            />
                        @endforeach
                        @if (in_array('inside_coated', $kind->mayHave(), true))
                            <label class="flex items-center gap-3 min-h-[44px]"><input type="checkbox"
                                    name="inside_coated" value="1" @checked(old('inside_coated'))> The inside is
                                coated too</label>
                        @endif
                        @if (in_array('holes', $kind->mayHave(), true))
                            <div class="grid grid-cols-2 gap-3"><x-field name="hole_mm" label="Holes across"
                                    :unit="$u->unit(D::Length)" /><x-field name="hole_count" label="how many" /></div>
                        @endif
                        <button class="btn btn-do">Add it</button>
                    </form>
                    <form method="post" action="/parts/{{ $part->id }}/mesh" enctype="multipart/form-data"
                        class="panel grid gap-2"><x-once />
                        <label for="mesh">Or a mesh: STL or OBJ up to 64 MB</label><input id="mesh"
                            type="file" name="mesh" accept=".stl,.obj"
                            @error('mesh') aria-invalid="true" aria-describedby="mesh-says" @enderror>
                        @error('mesh')
                            <p id="mesh-says" class="wrong">{{ $message }}</p>
                        @enderror
                        <div class="flex items-end gap-3">
                            <div class="w-28"><x-pick name="unit" label="drawn in"
                                :options="['mm' => 'mm', 'in' => 'inches', 'm' => 'metres']"
                                    value="mm" /></div><button class="btn grow">Read the mesh</button>
                        </div>
                    </form>
                    <a class="btn btn-quiet" href="/library?for={{ $part->id }}">Or build it like a part the shop
                        knows</a>
                @endcan
            @endif
        </div>
    </div>
</x-layout>
