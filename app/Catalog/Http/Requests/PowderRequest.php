<?php

declare(strict_types=1);

namespace App\Catalog\Http\Requests;

use Aenum\Core\Curing\Chemistry;
use Aenum\Core\Curing\CureScheduleRow;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Trade\BeforeClear;
use Aenum\Core\Trade\ClearNeed;
use Aenum\Core\Trade\Effect;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\InvalidInput;
use App\Catalog\Models\Powder;
use App\Platform\Validation\MeasuredQuantity;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A powder by its data sheet. */
final class PowderRequest extends FormRequest
{
    protected function prepareForValidation(): void
    {
        $rows = $this->input('rows');
        $this->merge([
            'rows' => array_values(
                array_filter(
                    is_array($rows) ? $rows : [],
                    fn (mixed $row): bool => is_array($row) &&
                        (($row['pmt_c'] ?? '') !== '' || ($row['min_minutes'] ?? '') !== ''),
                ),
            ),
        ]);
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $powder = $this->route('powder');

        return [
            'name' => [
                'required',
                'string',
                'max:120',
                Rule::unique('powders', 'name')->ignore($powder instanceof Powder ? $powder->id : null),
            ],
            'maker' => ['nullable', 'string', 'max:120'],
            'lot' => ['nullable', 'string', 'max:60'],
            'chemistry' => ['required', Rule::in(Chemistry::keys())],
            'colour' => ['required', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'finish' => ['nullable', 'string', 'max:60'],
            'specific_gravity' => ['nullable', 'numeric', 'between:0.5,10'],
            'film_min' => ['required', MeasuredQuantity::above(Dimension::Film, 0, 2000)],
            'film_max' => ['required', MeasuredQuantity::above(Dimension::Film, 0, 2000)],
            'window' => ['nullable', new MeasuredQuantity(Dimension::Temperature, -40, 700)],
            'flow' => ['nullable', new MeasuredQuantity(Dimension::Temperature, -40, 700)],
            'flow_minutes' => ['nullable', 'numeric', 'gt:0', 'max:10080'],
            'solvent_proof' => ['boolean'],
            'effect' => ['nullable', Rule::enum(Effect::class)],
            'before_clear' => ['nullable', Rule::enum(BeforeClear::class)],
            'door' => [
                'nullable',
                'required_with:door_minutes',
                new MeasuredQuantity(Dimension::Temperature, -40, 700),
            ],
            'door_minutes' => ['nullable', 'required_with:door', 'numeric', 'gt:0', 'max:10080'],
            'clock_way' => ['nullable', Rule::enum(TimingCriterion::class)],
            'clear_need' => ['nullable', Rule::enum(ClearNeed::class)],
            'softens' => ['nullable', new MeasuredQuantity(Dimension::Temperature, -40, 300)],
            'keep_below' => ['nullable', new MeasuredQuantity(Dimension::Temperature, -40, 100)],
            'bonded' => ['nullable', Rule::in(['', '0', '1'])],
            'outdoors' => ['nullable', Rule::in(['', '0', '1'])],
            'price_kg' => ['nullable', 'numeric', 'between:0,100000'],
            'box_size' => ['nullable', MeasuredQuantity::above(Dimension::Mass, 0, 10000)],
            'least_order' => ['nullable', MeasuredQuantity::above(Dimension::Mass, 0, 100000)],
            'supplier_days' => ['nullable', 'integer', 'between:0,365'],
            'transfer' => ['nullable', 'numeric', 'between:5,100'],
            'lel' => ['nullable', 'numeric', 'gt:0', 'max:1000'],
            'shrink' => ['nullable', 'numeric', 'between:0.2,1'],
            'gloss_low' => ['nullable', 'numeric', 'between:0,2000'],
            'gloss_high' => ['nullable', 'numeric', 'between:0,2000', 'gte:gloss_low'],
            'charge' => ['nullable', 'numeric', 'between:0,20'],
            'ohm_m' => ['nullable', 'numeric', 'gt:0', 'max:1e18'],
            'zinc_rich' => ['boolean'],
            'gas_tolerant' => ['boolean'],
            'conductive' => ['boolean'],
            'rows' => ['required', 'array', 'min:1', 'max:'.CureSheet::MOST_ROWS],
            'rows.*.pmt_c' => ['required', new MeasuredQuantity(Dimension::Temperature, -40, 700)],
            'rows.*.min_minutes' => ['required', 'numeric', 'gt:0', 'max:10080'],
            'rows.*.max_minutes' => ['nullable', 'numeric', 'gt:0', 'max:10080'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'rows.required' => 'The sheet has no rows; give at least one part-metal temperature and its minutes.',
            'rows.*.min_minutes.*' => 'Minutes needed must be a number; allowed: above 0, up to 10080.',
            'rows.*.max_minutes.*' => 'Minutes it stands must be a number; allowed: above 0, up to 10080, or empty '
                .'where the sheet is silent.',
            'transfer.*' => 'First-pass transfer is not a share; allowed: 5 to 100 %.',
            'lel.*' => 'Lower explosive limit is not one; allowed: above 0 to 1000 g/m³.',
            'shrink.*' => 'Raw to cured is not a factor; allowed: 0.2 to 1.',
            'gloss_low.*' => 'Gloss from is not a figure; allowed: 0 to 2000 gloss units.',
            'gloss_high.*' => 'Gloss to is not a figure, or under the first; allowed: up to 2000 gloss units.',
            'ohm_m.*' => 'Resistivity is not one; allowed: above 0 to 1e18 Ω·m.',
            'specific_gravity.*' => 'Specific gravity must be a number from 0.5 to 10, or empty for an estimate.',
        ];
    }

    /** The rows must make a sheet the core can work with. */
    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $facts = $this->facts();
            try {
                CureSheet::of(
                    Chemistry::from($facts['powder']['chemistry']),
                    array_map(
                        fn (array $row): CureScheduleRow => CureScheduleRow::of(
                            $row['pmt_c'],
                            $row['min_minutes'],
                            $row['max_minutes'],
                        ),
                        $facts['rows'],
                    ),
                );
            } catch (InvalidInput $e) {
                $validator->errors()->add('rows', ucfirst($e->getMessage()).'.');
            }
            if ($facts['powder']['film_max_um'] < $facts['powder']['film_min_um']) {
                $validator->errors()->add('film_max', 'Film to is less than film from; allowed: at least as much.');
            }
        });
    }

    /**
     * @return array{
     *     powder: array<string, mixed>,
     *     rows: list<array{pmt_c: float, min_minutes: float, max_minutes: ?float}>,
     * }
     */
    public function facts(): array
    {
        $in = $this->all();

        return [
            'powder' => [
                'name' => trim((string) $in['name']),
                'maker' => $in['maker'] ?? null,
                'lot' => $in['lot'] ?? null,
                'chemistry' => $in['chemistry'],
                'colour' => $in['colour'],
                'finish' => $in['finish'] ?? null,
                'specific_gravity' => isset($in['specific_gravity']) ? (float) $in['specific_gravity'] : null,
                'film_min_um' => (float) MeasuredQuantity::read(Dimension::Film, $in['film_min']),
                'film_max_um' => (float) MeasuredQuantity::read(Dimension::Film, $in['film_max']),
                'window_c' => MeasuredQuantity::read(Dimension::Temperature, $in['window'] ?? null),
                'flow_c' => MeasuredQuantity::read(Dimension::Temperature, $in['flow'] ?? null),
                'flow_minutes' => isset($in['flow_minutes']) ? (float) $in['flow_minutes'] : null,
                'solvent_proof' => (bool) ($in['solvent_proof'] ?? false),
                'effect' => $in['effect'] ?? Effect::Plain->value,
                'before_clear' => $in['before_clear'] ?? BeforeClear::Silent->value,
                'clear_need' => $in['clear_need'] ?? ClearNeed::Silent->value,
                'clock_way' => $in['clock_way'] ?? null,
                'door_c' => MeasuredQuantity::read(Dimension::Temperature, $in['door'] ?? null),
                'door_minutes' => isset($in['door_minutes']) ? (float) $in['door_minutes'] : null,
                'zinc_rich' => (bool) ($in['zinc_rich'] ?? false),
                'gas_tolerant' => (bool) ($in['gas_tolerant'] ?? false),
                'conductive' => (bool) ($in['conductive'] ?? false),
            ] + $this->atTheGun($in),
            'rows' => array_values(array_map(
                fn (array $row): array => [
                    'pmt_c' => (float) MeasuredQuantity::read(Dimension::Temperature, $row['pmt_c']),
                    'min_minutes' => (float) $row['min_minutes'],
                    'max_minutes' => isset($row['max_minutes']) && $row['max_minutes'] !== ''
                            ? (float) $row['max_minutes']
                            : null,
                ],
                $in['rows'],
            )),
        ];
    }

    /**
     * What the gun and the shelf want to know of it; null where its sheet is silent.
     *
     * @param  array<string, mixed>  $in
     * @return array<string, mixed>
     */
    private function atTheGun(array $in): array
    {
        $number = fn (string $key): ?float => isset($in[$key]) && $in[$key] !== '' ? (float) $in[$key] : null;
        $flag = fn (string $key): ?bool => isset($in[$key]) && $in[$key] !== '' ? (bool) $in[$key] : null;

        return [
            'softens_c' => MeasuredQuantity::read(Dimension::Temperature, $in['softens'] ?? null),
            'keep_below_c' => MeasuredQuantity::read(Dimension::Temperature, $in['keep_below'] ?? null),
            'bonded' => $flag('bonded'),
            'outdoors' => $flag('outdoors'),
            'price_kg' => $number('price_kg'),
            'box_kg' => MeasuredQuantity::read(Dimension::Mass, $in['box_size'] ?? null),
            'least_order_kg' => MeasuredQuantity::read(Dimension::Mass, $in['least_order'] ?? null),
            'supplier_days' => isset($in['supplier_days']) ? (int) $in['supplier_days'] : null,
            'transfer' => $number('transfer') === null ? null : $number('transfer') / 100,
            'lel_g_m3' => $number('lel'),
            'shrink' => $number('shrink'),
            'charge_uc_g' => $number('charge'),
            'gloss_low' => $number('gloss_low'),
            'gloss_high' => $number('gloss_high'),
            'ohm_m' => $number('ohm_m'),
        ];
    }
}
