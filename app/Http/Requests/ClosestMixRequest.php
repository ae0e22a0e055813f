<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Ulvrach\Light\Colour\ColourText;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Palette\Palette;

/** Which colour is wanted, and of what it may be mixed. */
final class ClosestMixRequest extends FormRequest
{
    public const NO_COLOUR = 'A colour is #rrggbb, or L*, a* and b* as in “38.9 -9 14.5”.';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $families = array_map(static fn (BinderFamily $family) => $family->value, Palette::MIXED);

        return [
            'wanted' => ['required', 'string', 'max:60'],
            'families' => ['array', 'list', 'max:5'],
            'families.*' => ['string', Rule::in($families)],
            'jars' => ['integer', 'min:1', 'max:3'],
            'parts' => ['integer', 'min:1', 'max:24'],
        ];
    }

    /** @throws ValidationException */
    public function wanted(): Lab
    {
        return ColourText::read($this->string('wanted')->toString()) ??
            throw ValidationException::withMessages(['wanted' => self::NO_COLOUR]);
    }

    /** @return list<BinderFamily> */
    public function families(): array
    {
        /** @var list<string> $families */
        $families = $this->array('families');

        return array_map(BinderFamily::from(...), $families);
    }
}
