<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Contracts\Auth\StatefulGuard;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FormRequest
{
    private const TRIES_A_MINUTE = 5;

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
        $key = 'sign-in|'.hash('xxh128', "{$email}|{$this->ip()}");
        if (RateLimiter::tooManyAttempts($key, self::TRIES_A_MINUTE)) {
            $seconds = RateLimiter::availableIn($key);
            throw ValidationException::withMessages([
                'email' => "Too many tries. Try again in {$seconds} seconds.",
            ])->status(429);
        }
        if (
            ! $guard->attempt([
                'email' => $email,
                'password' => $this->string('password')->toString(),
            ])
        ) {
            RateLimiter::hit($key);
            throw ValidationException::withMessages(['email' => 'This address and password do not belong together.']);
        }
        RateLimiter::clear($key);
    }
}
