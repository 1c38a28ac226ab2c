<?php

declare(strict_types=1);

namespace App\Intake\Http\Requests;

use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Thermal\Joint;
use Aenum\Core\Trade\BakeTo;
use Aenum\Core\Trade\BeforeClear;
use Aenum\Core\Trade\Role;
use Aenum\Core\Units\Dimension;
use App\Catalog\Models\Powder;
use App\Intake\Models\Part;
use App\Platform\Validation\MeasuredQuantity;
use App\Routing\Queries\PartPolicies;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A part with its sections and coats. Blank rows are dropped. */
final class PartRequest extends FormRequest
{
    public const MOST_COATS = 10;

    /** Share of the oven's wall a part on a usual rack sees. House figure. */
    private const USUAL_VIEW = 0.8;

    protected function prepareForValidation(): void
    {
        $this->merge([
            'sections' => $this->filledRows('sections', ['name', 'mass_kg', 'area_m2']),
            'coats' => $this->filledRows('coats', ['powder_id']),
        ]);
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'count' => ['required', 'integer', 'between:1,10000'],
            'metal' => ['required', Rule::in(MetalCatalog::keys())],
            'mass_kg' => ['nullable', MeasuredQuantity::above(Dimension::Mass, 0, 50000)],
            'area_m2' => ['nullable', MeasuredQuantity::above(Dimension::Area, 0, 2000)],
            'wall_mm' => ['nullable', MeasuredQuantity::above(Dimension::Length, 0, 500)],
            'view_factor' => ['nullable', 'numeric', 'between:0,1'],
            'joint' => ['nullable', Rule::enum(Joint::class)],
            'joint_many' => ['nullable', 'required_if:joint,spokes', 'integer', 'between:1,1000'],
            'joint_thick_mm' => [
                'nullable', 'required_if:joint,spokes', MeasuredQuantity::above(Dimension::Length, 0, 1000),
            ],
            'joint_long_mm' => [
                'nullable', 'required_if:joint,spokes,weld', MeasuredQuantity::above(Dimension::Length, 0, 50000),
            ],
            'sections' => ['array', 'max:12'],
            'sections.*.name' => ['required', 'string', 'max:80', 'distinct'],
            'sections.*.mass_kg' => ['required', MeasuredQuantity::above(Dimension::Mass, 0, 50000)],
            'sections.*.area_m2' => ['required', MeasuredQuantity::above(Dimension::Area, 0, 2000)],
            'outside_only' => ['nullable', 'boolean'],
            'coats' => ['array', 'max:'.self::MOST_COATS],
            'coats.*.role' => ['required', Rule::in(['primer', 'base', 'mid', 'clear'])],
            'coats.*.powder_id' => ['required', Rule::exists('powders', 'id')],
            'coats.*.bake_to' => ['nullable', Rule::enum(BakeTo::class)],
            'coats.*.zone' => ['nullable', 'string', 'max:40'],
            'coats.*.share' => ['nullable', 'numeric', 'between:1,100'],
            'coats.*.edge' => ['nullable', MeasuredQuantity::above(Dimension::Size, 0, 1000)],
        ];
    }

    private function viewFactor(): float
    {
        $part = $this->route('part');

        return $part instanceof Part ? $part->view_factor : self::USUAL_VIEW;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Name is empty; write what the part is, such as "bench end".',
            'count.*' => 'How many must be a whole number; allowed: 1 to 10000.',
            'metal.*' => 'Metal is not picked; a magnet tells steel from aluminium.',
            'view_factor.*' => 'View factor must be a number; allowed: 0 to 1.',
            'sections.*.name.required' => 'A section has no name; write which region it is.',
            'sections.*.name.distinct' => 'Two sections have the same name.',
            'sections.*.mass_kg.required' => 'A section has no mass.',
            'sections.*.area_m2.required' => 'A section has no area.',
            'joint_many.*' => 'Number of spokes is not a count; allowed: 1 to 1000.',
            'joint_thick_mm.required_if' => 'How thick one spoke is is empty; its diameter, or the web\'s thickness.',
            'joint_long_mm.required_if' => 'How long is empty; one spoke from hub to rim, or the seam in all.',
            'coats.*.share.*' => 'A coat\'s share of the area must be a number; allowed: 1 to 100 %.',
            'coats.*.zone.max' => 'Where a coat goes is too long; allowed: up to 40 characters, such as "letters".',
            'coats.max' => 'Coats are more than '.self::MOST_COATS.'; allowed: up to '.self::MOST_COATS.'.',
            'coats.*.powder_id.*' => 'A coat\'s powder is not on the shelf.',
        ];
    }

    /**
     * @return array{name: string, count: int, metal: string, mass_kg: ?float, area_m2: ?float, wall_mm: ?float,
     *      joint: array{joint: ?string, joint_many: ?int, joint_thick_mm: ?float, joint_long_mm: ?float},
     *      outside_only: bool, view_factor: float,
     *      sections: list<array{name: string, mass_kg: float, area_m2: float}>,
     *      coats: list<array{role: string, powder_id: int, bake_to: string, zone: ?string, share: float,
     *      edge_m: ?float}>}
     */
    public function facts(): array
    {
        $in = $this->validated();

        return [
            'name' => trim($in['name']),
            'count' => (int) $in['count'],
            'metal' => $in['metal'],
            'mass_kg' => MeasuredQuantity::read(Dimension::Mass, $in['mass_kg'] ?? null),
            'area_m2' => MeasuredQuantity::read(Dimension::Area, $in['area_m2'] ?? null),
            'wall_mm' => MeasuredQuantity::read(Dimension::Length, $in['wall_mm'] ?? null),
            'joint' => $this->joint($in),
            'outside_only' => ! empty($in['outside_only']),
            // What it sees of the oven is the rack's affair; until it hangs on one, as on a usual rack.
            'view_factor' => isset($in['view_factor']) ? (float) $in['view_factor'] : $this->viewFactor(),
            'sections' => array_map(
                fn (array $row): array => [
                    'name' => trim($row['name']),
                    'mass_kg' => (float) MeasuredQuantity::read(Dimension::Mass, $row['mass_kg']),
                    'area_m2' => (float) MeasuredQuantity::read(Dimension::Area, $row['area_m2']),
                ],
                array_values($in['sections'] ?? []),
            ),
            'coats' => $this->coats(array_values($in['coats'] ?? [])),
        ];
    }

    /**
     * Only what the answer asks for is kept.
     *
     * @param  array<string, mixed>  $in
     * @return array{joint: ?string, joint_many: ?int, joint_thick_mm: ?float, joint_long_mm: ?float}
     */
    private function joint(array $in): array
    {
        $joint = Joint::tryFrom((string) ($in['joint'] ?? ''));
        $mm = fn (string $key): ?float => MeasuredQuantity::read(Dimension::Length, $in[$key] ?? null);
        $measured = $joint?->isMeasured() === true;

        return [
            'joint' => $joint?->value,
            'joint_many' => $measured ? (int) $in['joint_many'] : null,
            'joint_thick_mm' => $measured ? $mm('joint_thick_mm') : null,
            'joint_long_mm' => $measured || $joint?->hasSeam() === true ? $mm('joint_long_mm') : null,
        ];
    }

    /**
     * How far a coat is baked where nobody says: as its sheet and the house go between coats.
     *
     * @param  list<array<string, mixed>>  $rows
     * @return list<array{role: string, powder_id: int, bake_to: string, zone: ?string, share: float, edge_m: ?float}>
     */
    private function coats(array $rows): array
    {
        $part = $this->route('part');
        $house = PartPolicies::of($part instanceof Part ? $part : null);
        $sheets = Powder::query()->whereKey(array_column($rows, 'powder_id'))->pluck('before_clear', 'id');
        $coats = [];
        foreach ($rows as $n => $row) {
            $zone = trim((string) ($row['zone'] ?? ''));
            $above = isset($rows[$n + 1]) ? Role::from($rows[$n + 1]['role']) : null;
            $sheet = BeforeClear::tryFrom((string) ($sheets[$row['powder_id']] ?? '')) ?? BeforeClear::Silent;
            $coats[] = [
                'role' => $row['role'],
                'powder_id' => (int) $row['powder_id'],
                'bake_to' => ($row['bake_to'] ?? null) ?: $house->bakeTo($sheet, $above)->value,
                'zone' => $zone === '' ? null : $zone,
                'share' => (float) ($row['share'] ?? null ?: 100) / 100,
                'edge_m' => MeasuredQuantity::read(Dimension::Size, $row['edge'] ?? null),
            ];
        }

        return $coats;
    }

    /**
     * @param  list<string>  $keys  a row counts when any of these is filled
     * @return list<array<string, mixed>>
     */
    private function filledRows(string $field, array $keys): array
    {
        $rows = $this->input($field);

        return array_values(
            array_filter(
                is_array($rows) ? $rows : [],
                fn (mixed $row): bool => is_array($row) &&
                    array_filter(
                        array_intersect_key($row, array_flip($keys)),
                        fn (mixed $v): bool => $v !== null && $v !== '',
                    ) !== [],
            ),
        );
    }
}
