@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Intake\ViewModels\MeshTone')
<section class="panel" aria-label="The mesh">
    <div class="flex flex-wrap items-center justify-between gap-3">
        <h2>{{ $mesh['name'] }}</h2>
        @if ($part->job->isOpen())
            @can('work')
                <form method="post" action="/parts/{{ $part->id }}/mesh/drop"><x-once /><button
                        class="btn btn-quiet">Take the mesh away</button></form>
            @endcan
        @endif
    </div>
    <x-turned :part="$part" caption="The mesh" class="!p-0 !border-0" />
    <div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-3">
        @foreach (['light' => 'As it looks',
            'through' => 'Metal along the line of sight, darker is more'] as $set => $caption)
            <figure>
                <svg class="mesh mesh-{{ $set }}"
                    viewBox="-1 -1 {{ $mesh['columns'] + 2 }} {{ $mesh['rows'] + 2 }}" role="img"
                    aria-label="{{ $caption }}: {{ $u->said(implode(' × ', $mesh['box_mm']) . ' mm') }}">
                    @foreach ($mesh[$set] as $tone => $path)
                        @if ($path !== '')
                            <path d="{{ $path }}"
                                fill-opacity="{{ MeshTone::{$set}($tone) }}" />
                        @endif
                    @endforeach
                </svg>
                <figcaption class="hint">{{ $caption }}@if ($set === 'through')
                        · up to {{ $u->show(D::Length, $mesh['thickest_mm'])
                            }}@endif.</figcaption>
            </figure>
        @endforeach
    </div>
    <p>{{ implode(' × ', array_map(fn($mm) => $u->show(D::Length, $mm), $mesh['box_mm'])) }},
        {{ number_format($mesh['triangles']) }} triangles,
        {{ $u->show(D::Area, $mesh['area_m2']) }}{{ $mesh['volume_m3'] ? '; mean wall '
            . $u->show(D::Length, (2000 * $mesh['volume_m3']) / $mesh['area_m2']) : '' }}.
        @if ($mesh['volume_m3'] === null)
            <b class="wrong">{{ $mesh['closed'] ? 'Its facets do not agree on which side is out' : 'The mesh is open'
                }},
                so it has no volume: weigh the part.</b>
        @elseif ($mesh['overlapping'] ?? false)
            <b class="wrong">Bodies of it lie in each other: what they share is counted twice, so area and mass are too
                large. Join them where it was drawn, or weigh the part.</b>
        @endif
    </p>
</section>
