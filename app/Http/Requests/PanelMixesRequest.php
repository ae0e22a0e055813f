<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Ulvrach\Plan\Variety\Band;
use Ulvrach\Plan\Variety\Tinter;
use Ulvrach\Plan\Variety\Tints;

/** Of which jars the panels of a step get their mixes, and which panels keep theirs. */
final class PanelMixesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            // Empty: those that are nearest to what the step is done with.
            'jars' => ['present', 'array', 'list', 'max:'.Tints::MOST_JARS],
            'jars.*' => ['string', 'distinct', 'max:60'],
            'band' => [Rule::enum(Band::class)],
            'locked' => ['array', 'max:200'],
            'locked.*' => ['integer', 'min:0', 'max:'.Tinter::MOST_MIXES],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'jars.present' => 'Choose the jars that the mixes are made of.',
            'jars.max' => 'At most '.Tints::MOST_JARS.' jars: more give more mixes than anybody can keep apart.',
        ];
    }

    /** @return list<string> ids */
    public function jars(): array
    {
        /** @var list<string> $jars */
        $jars = $this->array('jars');

        return $jars;
    }

    public function band(): Band
    {
        return $this->enum('band', Band::class) ?? Band::Faintly;
    }

    /** @return array<string, int> by id of a panel */
    public function locked(): array
    {
        $locked = [];
        foreach ($this->array('locked') as $panel => $mix) {
            $locked[(string) $panel] = is_numeric($mix) ? (int) $mix : 0;
        }

        return $locked;
    }
}
