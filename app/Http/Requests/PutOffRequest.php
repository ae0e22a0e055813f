<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The work that a person wishes to do later than it could be done: the whole list, in place of the last one. */
final class PutOffRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'putOff' => ['present', 'array', 'max:200'],
            'putOff.*.build' => ['required', 'uuid'],
            'putOff.*.step' => ['required', 'string', 'max:40'],
            'putOff.*.until' => ['required', 'date_format:Y-m-d\TH:i:s\Z'],
        ];
    }

    /** @return list<array{build: string, step: string, until: string}> */
    public function wishes(): array
    {
        /** @var list<array{build: string, step: string, until: string}> $wishes */
        $wishes = $this->validated('putOff');

        return $wishes;
    }
}
