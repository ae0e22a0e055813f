<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Account\Guesses;
use App\Account\Password;
use App\Http\CurrentUser;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\ValidationException;

/** What is done to an account as a whole: whoever sits at an open page has to know its password as well. */
final class OwnAccountRequest extends FormRequest
{
    /** @return array<string, array<mixed>> */
    public function rules(): array
    {
        return [
            'current' => ['required', 'string', 'max:200'],
            ...$this->isMethod('PUT') ? ['password' => Password::rules()] : [],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['current.required' => 'Say the password that you have now.', ...Password::messages()];
    }

    /** @throws ValidationException if it is not this person's password, or is guessed at */
    public function mustBeTheirs(Hasher $hasher): void
    {
        $user = CurrentUser::of($this);
        $guesses = new Guesses("own-account|{$user->id}");
        $guesses->mustBeFew('current');
        if ($user->email === config()->string('ulvrach.demo_email')) {
            throw ValidationException::withMessages([
                'current' => 'The demo bench is everybody’s: its door stays as it is.',
            ]);
        }
        if (! $hasher->check($this->string('current')->toString(), $user->password)) {
            $guesses->wrong('current', 'This is not the password of this account.');
        }
        $guesses->right();
    }

    public function newPassword(): string
    {
        return $this->string('password')->toString();
    }
}
