<?php

declare(strict_types=1);

namespace App\Intake\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A job as entered at the counter. */
final class JobRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'customer' => ['required', 'string', 'max:150'],
            'contact' => ['nullable', 'string', 'max:200'],
            'title' => ['required', 'string', 'max:150'],
            'due_on' => ['nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'notes' => ['nullable', 'string', 'max:4000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'customer.required' => 'Customer is empty; write who it is for.',
            'title.required' => 'What it is, is empty; write a few words, such as "bench ends, promenade".',
            'due_on.*' => 'Due date is not a day; allowed: year-month-day, such as 2026-12-04.',
        ];
    }

    /** @return array{customer: string, contact?: ?string, title: string, due_on?: ?string, notes?: ?string} */
    public function facts(): array
    {
        /** @var array{customer: string, contact?: ?string, title: string, due_on?: ?string, notes?: ?string} */
        return $this->validated();
    }
}
