<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Ulvrach\Stuff\Material\JarRole;
use Ulvrach\Stuff\Material\LabelSign;
use Ulvrach\Stuff\Material\Stock;

/** What is known of one's own jar beside the paint in it. All of it may be left open. */
final class StockRequest extends FormRequest
{
    private const DAY = ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:1950-01-01', 'before:2150-01-01'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'leftMl' => ['present', 'nullable', 'numeric', 'min:0', 'max:100000'],
            'price' => ['present', 'nullable', 'numeric', 'min:0', 'max:100000'],
            'openedOn' => ['present', ...self::DAY],
            'keepsMonths' => ['present', 'nullable', 'integer', 'min:1', 'max:600'],
            'note' => ['present', 'nullable', 'string', 'max:500'],
            'thinner' => ['present', 'nullable', 'string', 'max:120'],
            'thinnedOn' => ['present', ...self::DAY],
            'signs' => ['present', 'array', 'list', 'max:7'],
            'signs.*' => ['string', 'distinct', Rule::enum(LabelSign::class)],
            'holdsMl' => ['present', 'nullable', 'numeric', 'min:0.1', 'max:100000'],
            'role' => ['present', 'nullable', 'string', Rule::enum(JarRole::class)],
            'isWithdrawn' => ['required', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'leftMl' => 'Millilitres from 0 to 100000.',
            'holdsMl' => 'Millilitres from 0.1 to 100000.',
            'price' => 'From 0 to 100000.',
            'openedOn' => 'A day as in 2026-11-20.',
            'keepsMonths' => 'Whole months, from 1 to 600.',
            'thinnedOn' => 'A day as in 2026-11-20.',
        ];
    }

    public function stock(): Stock
    {
        /** @var list<string> $signs */
        $signs = $this->array('signs');

        return new Stock(
            leftMl: $this->input('leftMl') === null ? null : $this->float('leftMl'),
            price: $this->input('price') === null ? null : $this->float('price'),
            openedOn: $this->day('openedOn'),
            keepsMonths: $this->input('keepsMonths') === null ? null : $this->integer('keepsMonths'),
            note: trim($this->string('note')->toString()),
            thinner: trim($this->string('thinner')->toString()),
            thinnedOn: $this->day('thinnedOn'),
            signs: array_map(LabelSign::from(...), $signs),
            isWithdrawn: $this->boolean('isWithdrawn'),
            holdsMl: $this->input('holdsMl') === null ? null : $this->float('holdsMl'),
            role: $this->enum('role', JarRole::class),
        );
    }

    private function day(string $field): ?string
    {
        $day = $this->string($field)->toString();

        return $day === '' ? null : $day;
    }
}
