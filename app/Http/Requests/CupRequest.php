<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\CurrentUser;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Ulvrach\Light\Colour\ColourText;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\KeptMix;

/** Jars of one's own shelf and kept mixes with their parts, how they are thinned, and what is wanted of them. */
final class CupRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'parts' => ['required', 'array', 'list', 'min:1', 'max:8'],
            'parts.*.jar' => ['required', 'string', 'max:40', 'distinct'],
            'parts.*.parts' => ['required', 'integer', 'min:1', 'max:99'],
            'retarder' => ['numeric', 'min:0', 'max:1'],
            'flow' => ['numeric', 'min:0', 'max:1'],
            'share' => ['required', 'numeric', 'min:0.01', 'max:1'],
            'wanted' => ['nullable', 'string', 'max:60'],
            'ground' => ['nullable', 'string', 'max:60'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'parts.required' => 'There is nothing in the cup.',
            'parts.*.parts' => 'Whole parts, from 1 to 99.',
            'retarder' => 'From 0 to 100 per cent of the paint.',
            'flow' => 'From 0 to 100 per cent of the paint.',
            'share' => 'From 1 to 100 per cent of paint.',
        ];
    }

    public function cup(): Cup
    {
        $user = CurrentUser::of($this);
        $shelf = [];
        foreach ($user->jars as $jar) {
            $shelf[$jar->code] = $jar->product;
        }
        $parts = [];
        /** @var list<array{jar: string, parts: int|numeric-string}> $wanted */
        $wanted = $this->array('parts');
        foreach ($wanted as $place => ['jar' => $jar, 'parts' => $count]) {
            $of = $this->mix($user, $jar) ?? $shelf[$jar] ??
                throw ValidationException::withMessages(["parts.{$place}.jar" => 'This jar is not on your shelf.']);
            $parts[] = [$of, (int) $count];
        }

        return $parts === []
            ? throw new \LogicException('A cup that holds nothing is refused by the rules.')
            : new Cup(
                $parts,
                $this->float('share'),
                $this->colour('wanted'),
                $this->float('retarder'),
                $this->float('flow'),
            );
    }

    /** A jar that is filled with a mix is what went into it. */
    private function mix(User $user, string $jar): ?KeptMix
    {
        $id = KeptMix::idIn($jar);
        // No mix is part of itself.
        $mix = $id === null || ! Str::isUuid($id) || $id === $this->route('mix')
            ? null
            : $user->mixes()->where('code', $id)->first();

        return $mix?->kept();
    }

    /** @throws ValidationException if it is no colour */
    public function colour(string $field): ?Lab
    {
        $text = $this->string($field)->toString();

        return $text === ''
            ? null
            : ColourText::read($text) ??
                throw ValidationException::withMessages([$field => ClosestMixRequest::NO_COLOUR]);
    }
}
