<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Ulvrach\Stuff\ShelfFile\Column;

/** A table of jars, and which of its columns is which. */
final class ImportShelfRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'table' => ['required', 'string', 'max:1000000'],
            'map' => ['nullable', 'array:'.implode(',', array_column(Column::cases(), 'value'))],
            'map.*' => ['integer', 'min:0', 'max:200'],
            'take' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['table.required' => 'There is nothing in this file.', 'table.max' => 'At most a million letters.'];
    }

    public function table(): string
    {
        return $this->string('table')->toString();
    }

    /** @return array<string, int>|null by column: the place of its heading; null: as the headings say */
    public function map(): ?array
    {
        /** @var array<array-key, int|numeric-string>|null $map */
        $map = $this->input('map');
        $places = [];
        foreach ($map ?? [] as $column => $place) {
            $places[(string) $column] = (int) $place;
        }

        return $map === null ? null : $places;
    }
}
