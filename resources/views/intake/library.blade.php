@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Intake\ViewModels\MeshTone')
@use('App\Intake\ViewModels\PartDrawing')
<x-layout title="Parts the shop knows" :at="$at">
    <div class="flex flex-wrap items-end justify-between gap-3 mb-3">
        <div>
            <h1>Parts the shop knows</h1>
            <p>{{ $for ? 'Pick one to build the ' . $for->name . ' of job ' . $for->job->number . ' like it.'
                : 'Built once, used again: each with what was learned last time.' }}
            </p>
        </div>
        <form method="get" action="/library" class="flex items-end gap-2">
            @if ($for)
                <input type="hidden" name="for" value="{{ $for->id }}">
            @endif
            <x-field name="q" id="library-q" label="With the word" :value="$asked" />
            <button class="btn">Show</button>
        </form>
    </div>
    <ul class="grid grid-cols-3 max-[1000px]:grid-cols-1 gap-4">
        @forelse ($parts as $one)
            @php($drawing = PartDrawing::of($one['built']))
            <li class="panel grid gap-2 content-start">
                <h2><a href="/parts/{{ $one['part']->id }}/bench">{{ $one['part']->name }}</a></h2>
                @if ($drawing)
                    <svg class="part-drawing library-picture"
                        viewBox="0 0 {{ PartDrawing::WIDTH }} {{ round($drawing->height()) }}"
                        role="img" aria-label="{{ $one['part']->name }}"><x-part-drawing
                            :drawing="$drawing" /></svg>
                @elseif ($one['part']->mesh)
                    <svg class="mesh library-picture"
                        viewBox="0 0 {{ $one['part']->mesh['columns'] }} {{ $one['part']->mesh['rows'] }}"
                        role="img" aria-label="{{ $one['part']->name }}">
                        @foreach ($one['part']->mesh['light'] as $tone => $path)
                            @if ($path !== '')
                                <path d="{{ $path }}" fill-opacity="{{ MeshTone::light($tone) }}" />
                            @endif
                        @endforeach
                    </svg>
                @endif
                <p>{{ $one['part']->metalKind()->name }},
                    {{ $u->show(D::Mass, $one['built']->massKg() ?: $one['part']->mass_kg) }},
                    {{ $u->show(D::Area, $one['built']->coatAreaM2()) }}. <span class="hint">Job
                        {{ $one['part']->job->number }}</span></p>
                @if ($one['learned'])
                    <ul>
                        @foreach ($one['learned'] as $line)
                            <li>{{ $line }}</li>
                        @endforeach
                </ul>@else<p class="hint">Not baked yet.</p>
                @endif
                @if ($for?->mayBeBuiltLike($one['part']))
                    @can('work')
                        <form method="post" action="/parts/{{ $for->id }}/shapes/copy"><x-once /><input
                                type="hidden" name="from" value="{{ $one['part']->id }}"><button class="btn w-full"
                                aria-label="Build it like this: {{ $one['part']->name }}">Build it like this</button>
                        </form>
                    @endcan
                @endif
            </li>
        @empty
            <li class="panel">
                @if ($asked === '')
                    No part is built yet. Build one on its part bench, from shapes or a mesh, and the shop knows it
                    from then on.
                @else
                    No part has that word in its name.
                @endif
            </li>
        @endforelse
    </ul>
</x-layout>
