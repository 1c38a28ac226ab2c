<?php

declare(strict_types=1);

namespace App\Intake\Http\Requests;

use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Units\Dimension;
use App\Intake\Models\Part;
use App\Platform\Validation\MeasuredQuantity;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A pin: position, kind, size, instructions. */
final class PinRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $part = $this->route('part');

        return [
            'kind' => ['required', Rule::enum(PinKind::class)],
            'picture_id' => [
                'nullable',
                Rule::exists('pictures', 'id')
                    ->where('part_id', $part instanceof Part ? $part->id : 0)
                    ->whereNull('withdrawn_at'),
            ],
            'across' => ['required', 'numeric', 'between:0,100'],
            'down' => ['required', 'numeric', 'between:0,100'],
            'size' => ['nullable', MeasuredQuantity::above(Dimension::Length, 0, 5000)],
            'depth' => ['nullable', new MeasuredQuantity(Dimension::Length, 0, 5000)],
            'places' => ['nullable', 'integer', 'between:1,500'],
            'must_stay_bare' => ['nullable', 'boolean'],
            'is_stud' => ['nullable', 'boolean'],
            'note' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.required' => 'What is there is not picked.',
            'across.*' => 'Across is not a place on the picture; allowed: 0 to 100, per cent from the left. '
                .'Touching the picture fills it in.',
            'down.*' => 'Down is not a place on the picture; allowed: 0 to 100, per cent from the top. Touching the '
                .'picture fills it in.',
            'places.*' => 'How many alike is not a count; allowed: 1 to 500.',
        ];
    }

    /** @return array<string, mixed> */
    public function pin(): array
    {
        $in = $this->validated();
        $kind = PinKind::from($in['kind']);

        return [
            'kind' => $kind,
            'picture_id' => $in['picture_id'] ?? null,
            'x' => $in['across'] / 100,
            'y' => $in['down'] / 100,
            'size_mm' => MeasuredQuantity::read(Dimension::Length, $in['size'] ?? null),
            'depth_mm' => $kind === PinKind::Recess
                ? MeasuredQuantity::read(Dimension::Length, $in['depth'] ?? null)
                : null,
            'places' => (int) ($in['places'] ?? 1),
            'is_stud' => ! empty($in['is_stud']) && $kind === PinKind::Thread,
            'must_stay_bare' => ! empty($in['must_stay_bare']) && $kind->isMasked(),
            'note' => trim((string) ($in['note'] ?? '')) ?: null,
        ];
    }
}
