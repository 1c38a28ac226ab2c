<?php

declare(strict_types=1);

namespace App\Catalog\Http\Requests;

use Aenum\Core\Application\AirUnit;
use Aenum\Core\Application\Feed;
use Aenum\Core\Application\GunKind;
use Aenum\Core\Application\Nozzle;
use Aenum\Core\Units\Dimension;
use App\Catalog\Models\Gun;
use App\Platform\Validation\MeasuredQuantity;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A gun: what can be set on it, then its figures. */
final class GunRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $gun = $this->route('gun');

        return [
            'name' => [
                'required', 'string', 'max:60',
                Rule::unique('guns', 'name')->ignore($gun instanceof Gun ? $gun->id : null),
            ],
            'kind' => ['required', Rule::enum(GunKind::class)],
            'feed' => ['required', Rule::enum(Feed::class)],
            'tips' => ['nullable', 'array'],
            'tips.*' => [Rule::enum(Nozzle::class)],
            'has_atomising' => ['nullable', 'boolean'],
            'has_ring' => ['nullable', 'boolean'],
            'most_kv' => ['nullable', 'numeric', 'gt:0', 'max:200'],
            'low_kv' => ['nullable', 'numeric', 'gt:0', 'max:200'],
            'most_ua' => ['nullable', 'numeric', 'gt:0', 'max:1000'],
            'bag' => ['nullable', MeasuredQuantity::above(Dimension::Powder, 0, 2000)],
            'flow_g_min' => ['nullable', 'numeric', 'gt:0', 'max:2000'],
            'pattern' => ['nullable', MeasuredQuantity::above(Dimension::Length, 0, 2000)],
            'pattern_at' => ['nullable', MeasuredQuantity::above(Dimension::Length, 0, 2000)],
            'positive' => ['nullable', 'boolean'],
            'air_unit' => ['nullable', Rule::enum(AirUnit::class)],
            'air_usual' => ['nullable', 'numeric', 'gt:0', 'max:10000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'most_kv.*' => 'Highest voltage is not one; allowed: above 0 to 200 kV.',
            'low_kv.*' => 'Low step is not a voltage; allowed: above 0, up to the highest.',
            'most_ua.*' => 'Highest current is not one; allowed: above 0 to 1000 µA.',
            'air_usual.*' => 'Enter the usual powder air as the gun shows it (above 0 to 10,000).',
            'flow_g_min.*' => 'Flow is not one; allowed: above 0 to 2000 g/min.',
        ];
    }

    /** A bag held on for half a minute, so twice what it caught. */
    private const BAGS_A_MINUTE = 2;

    /** @return array<string, mixed> */
    public function gun(): array
    {
        $in = $this->validated();
        $kind = GunKind::from($in['kind']);
        $number = fn (string $key): ?float => isset($in[$key]) ? (float) $in[$key] : null;
        $bag = MeasuredQuantity::read(Dimension::Powder, $in['bag'] ?? null);
        $most = $number('most_kv') ?? \Aenum\Core\Application\Gun::USUAL_KV;
        $tips = [];
        foreach (Nozzle::cases() as $tip) {
            $tips["tip_{$tip->value}"] = in_array($tip->value, $in['tips'] ?? [], true);
        }

        return $tips + [
            'name' => trim($in['name']),
            'kind' => $kind,
            'feed' => $in['feed'],
            'has_atomising' => ! empty($in['has_atomising']),
            'has_ring' => ! empty($in['has_ring']),
            'most_kv' => $most,
            'low_kv' => $kind === GunKind::TwoStep ? min($most, $number('low_kv') ?? $most / 2) : null,
            'most_ua' => $kind->limitsCurrent() ? $number('most_ua') : null,
            'flow_g_min' => $bag === null ? $number('flow_g_min') : self::BAGS_A_MINUTE * $bag,
            'positive' => ! empty($in['positive']),
            'air_unit' => $in['air_unit'] ?? AirUnit::Ratio->value,
            'air_usual' => ($in['air_unit'] ?? null) === AirUnit::Ratio->value ? null : $number('air_usual'),
            'pattern_mm' => MeasuredQuantity::read(Dimension::Length, $in['pattern'] ?? null),
            'pattern_at_mm' => MeasuredQuantity::read(Dimension::Length, $in['pattern_at'] ?? null),
        ];
    }
}
