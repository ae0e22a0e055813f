<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Account\Guesses;
use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:254'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @throws ValidationException with the same words for an unknown address and a wrong password */
    public function signIn(StatefulGuard $guard): void
    {
        $email = Str::lower($this->string('email')->trim()->toString());
        // Hashed, since the cache keeps keys of a certain length only.
        $guesses = new Guesses('sign-in|'.hash('xxh128', "{$email}|{$this->ip()}"));
        $guesses->mustBeFew('email');
        if (
            ! $guard->attempt([
                'email' => $email,
                'password' => $this->string('password')->toString(),
            ])
        ) {
            $guesses->wrong('email', 'This address and password do not belong together.');
        }
        $guesses->right();
    }
}
