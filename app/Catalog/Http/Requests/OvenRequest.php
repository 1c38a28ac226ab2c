<?php

declare(strict_types=1);

namespace App\Catalog\Http\Requests;

use Aenum\Core\Thermal\OvenEstimate;
use Aenum\Core\Units\Dimension;
use App\Catalog\Models\Oven;
use App\Platform\Validation\MeasuredQuantity;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** An oven: from four answers, or from its own figures. */
final class OvenRequest extends FormRequest
{
    /** field => smallest, largest */
    public const FIGURES = [
        'heater_kw' => [0, 10000],
        'band_k' => [0.1, 200],
        'air_kj_per_k' => [0.01, 1e9],
        'shell_kj_per_k' => [0.01, 1e9],
        'air_to_shell_w_per_k' => [0, 1e6],
        'shell_loss_w_per_k' => [0, 1e6],
        'vent_w_per_k' => [0, 1e6],
        'door_w_per_k' => [0, 1e6],
        'convection_w_per_m2k' => [0, 1000],
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $oven = $this->route('oven');
        $rules = [
            'name' => [
                'required',
                'string',
                'max:120',
                Rule::unique('ovens', 'name')->ignore($oven instanceof Oven ? $oven->id : null),
            ],
            'max' => ['required', new MeasuredQuantity(Dimension::Temperature, 60, 500)],
        ];
        if ($this->fromAnswers()) {
            return $rules + [
                'heat' => ['required', Rule::in(array_keys(OvenEstimate::HEATS))],
                'fan' => ['required', Rule::in(array_keys(OvenEstimate::FANS))],
                'width' => ['required', new MeasuredQuantity(Dimension::Size, 0.2, 20)],
                'height' => ['required', new MeasuredQuantity(Dimension::Size, 0.2, 20)],
                'depth' => ['required', new MeasuredQuantity(Dimension::Size, 0.2, 50)],
                'minutes_to_200' => ['required', 'numeric', 'between:2,600'],
                'heater' => ['nullable', new MeasuredQuantity(Dimension::Power, 0.5, 10000)],
            ];
        }
        foreach (self::FIGURES as $field => [$min, $max]) {
            $rules[$field] = ['required', 'numeric', "between:{$min},{$max}"];
        }

        return $rules;
    }

    public function fromAnswers(): bool
    {
        return $this->input('by') === 'answers';
    }

    /** @return array<string, mixed> what is stored */
    public function facts(): array
    {
        $in = $this->validated();
        $max = (float) MeasuredQuantity::read(Dimension::Temperature, $in['max']);
        if (! $this->fromAnswers()) {
            $figures = array_map(floatval(...), array_intersect_key($in, self::FIGURES));

            return ['name' => $in['name'], 'max_c' => $max] + $figures + $this->untaught($figures);
        }
        $answers = [
            'heat' => $in['heat'],
            'fan' => $in['fan'],
            'width_m' => (float) MeasuredQuantity::read(Dimension::Size, $in['width']),
            'height_m' => (float) MeasuredQuantity::read(Dimension::Size, $in['height']),
            'depth_m' => (float) MeasuredQuantity::read(Dimension::Size, $in['depth']),
            'minutes_to_200' => (float) $in['minutes_to_200'],
            'heater_said_kw' => MeasuredQuantity::read(Dimension::Power, $in['heater'] ?? null),
        ];

        return ['name' => $in['name'], 'max_c' => $max, 'calibration' => null] +
            $answers +
            Oven::figuresOf(
                OvenEstimate::from(
                    $answers['heat'],
                    $answers['width_m'],
                    $answers['height_m'],
                    $answers['depth_m'],
                    $answers['fan'],
                    $answers['minutes_to_200'],
                    $answers['heater_said_kw'],
                    $max,
                ),
            );
    }

    /**
     * What somebody typed over what logs had taught is no longer learned.
     *
     * @param  array<string, float>  $figures
     * @return array{calibration?: null}
     */
    private function untaught(array $figures): array
    {
        $oven = $this->route('oven');
        $same = $oven instanceof Oven && array_intersect_key(Oven::figuresOf($oven->model()), $figures) == $figures;

        return $same ? [] : ['calibration' => null];
    }
}
