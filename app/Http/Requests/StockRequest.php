<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What is known of one's own jar beside the paint in it. All of it may be left open. */
final class StockRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'leftMl' => ['present', 'nullable', 'numeric', 'min:0', 'max:100000'],
            'price' => ['present', 'nullable', 'numeric', 'min:0', 'max:100000'],
            'openedOn' => [
                'present',
                'nullable',
                'string',
                'date_format:Y-m-d',
                'after:1950-01-01',
                'before:2150-01-01',
            ],
            'keepsMonths' => ['present', 'nullable', 'integer', 'min:1', 'max:600'],
            'note' => ['present', 'nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'leftMl' => 'Millilitres from 0 to 100000.',
            'price' => 'From 0 to 100000.',
            'openedOn' => 'A day as in 2026-11-20.',
            'keepsMonths' => 'Whole months, from 1 to 600.',
        ];
    }

    /** @return array<string, mixed> as the columns of a jar */
    public function columns(): array
    {
        return [
            'left_ml' => $this->input('leftMl'),
            'price' => $this->input('price'),
            'opened_on' => $this->input('openedOn'),
            'keeps_months' => $this->input('keepsMonths'),
            'note' => trim($this->string('note')->toString()),
        ];
    }
}
