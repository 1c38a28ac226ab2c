<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Aenum\Core\Blast\MediaCatalogue;
use Aenum\Core\Rule\Facts\JobFacts;
use Aenum\Core\Rule\Facts\PartFacts;
use Aenum\Core\Unit\Dimension;
use App\Rules\Measured;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What was found of a part at the counter. */
final class FactsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'lives' => ['required', Rule::in(JobFacts::WHERE)],
            'made' => ['required', Rule::in(PartFacts::MADE)],
            'on_it' => ['array'],
            'on_it.*' => [Rule::in(PartFacts::ON_IT)],
            'features' => ['array'],
            'features.*' => [Rule::in(PartFacts::FEATURES)],
            'duty' => ['required', Rule::in(PartFacts::DUTIES)],
            'is' => ['array'],
            'is.*' => [Rule::in(['hardened', 'heat_treated', 'vented', 'plating_new', 'paint_tested', 'oily'])],
            'temper' => ['nullable', new Measured(Dimension::Temperature, 100, 700)],
            'box.*' => ['nullable', Measured::above(Dimension::Length, 0, 50000)],
            'media' => ['nullable', Rule::in(MediaCatalogue::keys())],
            'pressure' => ['nullable', new Measured(Dimension::Pressure, 0.9, 20)],
        ];
    }

    /** @return array<string, mixed> as aenum-route/1 has them under part, with the blast beside */
    public function facts(): array
    {
        $in = $this->validated();
        $box = array_map(fn (mixed $side): ?float => Measured::read(Dimension::Length, $side), array_values($in['box'] ?? []));
        $facts = ['made' => $in['made'], 'duty' => $in['duty'], 'on_it' => array_values($in['on_it'] ?? []), 'features' => array_values($in['features'] ?? [])];
        foreach ($in['is'] ?? [] as $is) {
            $facts[$is] = true;
        }
        $temper = Measured::read(Dimension::Temperature, $in['temper'] ?? null);

        return $facts
            + ($temper === null ? [] : ['temper_c' => $temper])
            + (count($box) === 3 && ! in_array(null, $box, true) ? ['box_mm' => $box] : [])
            + (empty($in['media']) ? [] : ['blast' => ['media' => $in['media'], 'pressure_bar' => Measured::read(Dimension::Pressure, $in['pressure'] ?? null) ?? 7.0]]);
    }
}
