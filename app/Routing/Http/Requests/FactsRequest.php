<?php

declare(strict_types=1);

namespace App\Routing\Http\Requests;

use Aenum\Core\Preparation\Blasting\BlastPlan;
use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Trade\Alloy;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\Fabrication;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\LicensedHazard;
use Aenum\Core\Trade\PaintTest;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\SafetyRole;
use Aenum\Core\Trade\ServiceEnvironment;
use Aenum\Core\Units\Dimension;
use App\Platform\Validation\MeasuredQuantity;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Facts of a part as entered at the counter. */
final class FactsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'lives' => ['required', Rule::enum(ServiceEnvironment::class)],
            'made' => ['required', Rule::enum(Fabrication::class)],
            'on_it' => ['array'],
            'on_it.*' => [Rule::enum(ArrivalCondition::class)],
            'features' => ['array'],
            'features.*' => [Rule::enum(Feature::class)],
            'duty' => ['required', Rule::enum(SafetyRole::class)],
            'is' => ['array'],
            'is.*' => [Rule::enum(PartFlag::class)],
            'alloy' => ['nullable', Rule::enum(Alloy::class)],
            'paint_test' => ['nullable', Rule::enum(PaintTest::class)],
            'licence' => ['nullable', 'string', 'max:120'],
            'licensed_for' => ['array'],
            'licensed_for.*' => [Rule::enum(LicensedHazard::class)],
            'acid_product' => ['nullable', 'string', 'max:120'],
            'temper' => ['nullable', new MeasuredQuantity(Dimension::Temperature, 100, 700)],
            'strength_mpa' => ['nullable', 'numeric', 'between:200,4000'],
            'box.*' => ['nullable', MeasuredQuantity::above(Dimension::Length, 0, 50000)],
            'media' => ['nullable', Rule::in(Media::keys())],
            'pressure' => ['nullable', new MeasuredQuantity(Dimension::Pressure, 0.9, 20)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['strength_mpa.*' => 'Strength is not one of steel; allowed: 200 to 4000 MPa.'];
    }

    /** @return array<string, mixed> as WriteFacts takes them */
    public function facts(): array
    {
        $in = $this->validated();
        $length = fn (mixed $side): ?float => MeasuredQuantity::read(Dimension::Length, $side);
        $sides = $in['box'] ?? [];
        ksort($sides);
        $box = array_map($length, array_values($sides));
        $bar = MeasuredQuantity::read(Dimension::Pressure, $in['pressure'] ?? null) ?? BlastPlan::REFERENCE_BAR;

        return [
            'made' => $in['made'],
            'duty' => $in['duty'],
            'on_it' => array_values($in['on_it'] ?? []),
            'features' => array_values($in['features'] ?? []),
            'alloy' => $in['alloy'] ?? null,
            'paint_test' => $in['paint_test'] ?? null,
            'licence' => trim((string) ($in['licence'] ?? '')) ?: null,
            'licensed_for' => array_values($in['licensed_for'] ?? []),
            'acid_product' => trim((string) ($in['acid_product'] ?? '')) ?: null,
            'temper_c' => MeasuredQuantity::read(Dimension::Temperature, $in['temper'] ?? null),
            'strength_mpa' => isset($in['strength_mpa']) ? (float) $in['strength_mpa'] : null,
            'box_mm' => count($box) === 3 && ! in_array(null, $box, true) ? $box : null,
            'blast' => empty($in['media']) ? null : ['media' => $in['media'], 'pressure_bar' => $bar],
        ] + array_fill_keys($in['is'] ?? [], true);
    }
}
