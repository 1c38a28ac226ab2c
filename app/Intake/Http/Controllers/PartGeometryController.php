<?php

declare(strict_types=1);

namespace App\Intake\Http\Controllers;

use Aenum\Core\Advice\PartFit;
use Aenum\Core\Geometry\MeshReader;
use Aenum\Core\Geometry\ShapeKind;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\InvalidInput;
use App\Intake\Commands\ImportMesh;
use App\Intake\Commands\PartShapes;
use App\Intake\Models\Part;
use App\Intake\Queries\PartFacets;
use App\Intake\Queries\SimilarParts;
use App\Intake\ViewModels\PartDrawing;
use App\Intake\ViewModels\ShapeDimensions;
use App\Platform\Presentation\Units;
use App\Platform\Validation\MeasuredQuantity;
use App\Routing\Queries\PartRoute;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** A part built from shapes or a mesh. */
final class PartGeometryController
{
    public function show(Request $request, Part $part): View
    {
        $built = PartShapes::of($part);

        return view('intake.bench', [
            'part' => $part,
            'built' => $built,
            'drawing' => PartDrawing::of($built),
            'fit' => PartFit::of(PartRoute::of($part)->plan()),
            'lastTime' => SimilarParts::of($part),
            'kind' => ShapeKind::tryFrom(
                (string) $request->string('kind', (string) session()->getOldInput('shape', 'plate')),
            ) ?? ShapeKind::Plate,
        ]);
    }

    /** The parts the shop knows, one of a name, with what was learned of each last time. */
    public function library(Request $request): View
    {
        $asked = trim((string) $request->string('q'));
        $for = Part::query()->with('job')->find((int) $request->integer('for'));
        $built = Part::query()->where('is_built', 1);
        if ($asked !== '') {
            $built->where('name', 'like', '%'.addcslashes($asked, '%_\\').'%');
        }
        $latest = $built->selectRaw('max(id) as id')->groupBy('name')->orderByDesc('id')->limit(30)->pluck('id');
        $parts = Part::query()->with(['job', 'coats.powder', 'coats.results.ovenLoad.oven', 'coats.inspections'])
            ->whereIn('id', $latest)->orderBy('name');

        return view('intake.library', [
            'asked' => $asked,
            'for' => $for,
            'at' => $for?->job->isOpen() === true ? $for->job->station : null,
            'parts' => $parts
                ->get()
                ->map(
                    fn (Part $part): array => [
                        'part' => $part,
                        'built' => PartShapes::of($part),
                        'learned' => SimilarParts::ofOne($part),
                    ],
                ),
        ]);
    }

    public function add(Request $request, Part $part): RedirectResponse
    {
        $part->job->mustBeOpen();
        $kind = ShapeKind::from(
            $request->validate(['shape' => ['required', Rule::enum(ShapeKind::class)]])['shape'],
        );
        $shape = ['shape' => $kind->value] + $this->measures($request, $kind);
        try {
            PartShapes::add($part, $shape);
        } catch (InvalidInput $e) {
            throw ValidationException::withMessages([
                $e->place => ucfirst(ShapeDimensions::label($e->place)).' '.$e->found.'; allowed: '.$e->allowed.'.',
            ]);
        }

        return redirect("/parts/{$part->id}/bench?kind={$kind->value}")->with(
            'said',
            ucfirst($kind->label()).' added.',
        );
    }

    public function drop(Part $part, int $at): RedirectResponse
    {
        $part->job->mustBeOpen();
        PartShapes::drop($part, $at);

        return redirect("/parts/{$part->id}/bench")->with('said', 'Taken away.');
    }

    public function take(Part $part): RedirectResponse
    {
        $part->job->mustBeOpen();
        PartShapes::take($part);

        return redirect("/parts/{$part->id}/bench")->with(
            'said',
            'The part\'s mass and area are those of the shapes now.',
        );
    }

    public function mesh(Request $request, Part $part, ImportMesh $read): RedirectResponse
    {
        $part->job->mustBeOpen();
        $in = $request->validate(['unit' => ['required', Rule::in(array_keys(MeshReader::UNITS))]]);
        $file = $request->file('mesh');
        if (! ($file instanceof UploadedFile)) {
            throw ValidationException::withMessages([
                'mesh' => 'No mesh came along; pick a file, STL or OBJ up to 64 MB.',
            ]);
        }
        $read($part, $file, $in['unit']);

        return redirect("/parts/{$part->id}/bench")->with('said', 'The mesh is read.');
    }

    /** What is turned on the bench: see Facets for how it is written. */
    public function facets(Part $part): Response
    {
        return response(PartFacets::bytes($part), 200, ['Content-Type' => 'application/octet-stream']);
    }

    public function dropMesh(Part $part): RedirectResponse
    {
        $part->job->mustBeOpen();
        DB::transaction(function () use ($part): void {
            PartFacets::keep($part, null);
            $part->update(['mesh' => null]);
        });

        return redirect("/parts/{$part->id}/bench")->with('said', 'The mesh is taken away.');
    }

    public function copy(Request $request, Part $part): RedirectResponse
    {
        $part->job->mustBeOpen();
        $in = $request->validate(['from' => ['required', Rule::exists('parts', 'id')]]);
        $from = Part::query()->findOrFail((int) $in['from']);
        DB::transaction(function () use ($part, $from): void {
            $part->update(['shapes' => $from->shapes, 'mesh' => $from->mesh]);
            PartFacets::copy($from, $part);
        });

        return redirect("/parts/{$part->id}/bench")->with('said', 'Copied; change what differs.');
    }

    /** @return array<string, mixed> */
    private function measures(Request $request, ShapeKind $kind): array
    {
        $rules = [
            'count' => ['required', 'integer', 'between:1,10000'],
            'hole_mm' => ['nullable', MeasuredQuantity::above(Dimension::Length, 0, 5000)],
            'hole_count' => ['nullable', 'integer', 'between:1,100000'],
            'inside_coated' => ['nullable', 'boolean'],
        ];
        $measures = [...$kind->needs(), ...array_diff($kind->mayHave(), ['holes', 'inside_coated'])];
        foreach ($measures as $measure) {
            $dimension = ShapeDimensions::dimension($measure);
            $rules[$measure] = [
                in_array($measure, $kind->needs(), true) ? 'required' : 'nullable',
                ...$measure === 'legs_mm'
                    ? ['string', 'max:400']
                    : ($dimension === null
                        ? ['numeric', 'between:0,0.95']
                        : [MeasuredQuantity::above($dimension, 0, 50000)]),
            ];
        }
        $in = $request->validate(
            $rules,
            array_fill_keys(
                array_map(fn (string $m): string => "{$m}.required", $measures),
                'The :attribute is empty.',
            ),
            array_combine($measures, array_map(ShapeDimensions::label(...), $measures)),
        );
        $shape = ['count' => (int) $in['count']];
        foreach ($measures as $measure) {
            $dimension = ShapeDimensions::dimension($measure);
            if (($in[$measure] ?? null) !== null) {
                $shape[$measure] = match (true) {
                    $measure === 'legs_mm' => array_map(
                        fn (string $leg): float => Dimension::Length->parse(
                            'legs_mm',
                            $leg,
                            Units::current()->system,
                        ),
                        preg_split('/[\s;]+/', trim($in[$measure])) ?: [],
                    ),
                    $dimension === null => (float) $in[$measure],
                    default => MeasuredQuantity::read($dimension, $in[$measure]),
                };
            }
        }
        if (! empty($in['inside_coated'])) {
            $shape['inside_coated'] = true;
        }
        if (($in['hole_mm'] ?? null) !== null) {
            $shape['holes'] = [
                [
                    'diameter_mm' => MeasuredQuantity::read(Dimension::Length, $in['hole_mm']),
                    'count' => (int) ($in['hole_count'] ?? 1),
                ],
            ];
        }

        return $shape;
    }
}
