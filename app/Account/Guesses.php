<?php

declare(strict_types=1);

namespace App\Account;

use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

/** Wrong passwords for one door: after a few of them it stays shut for a while. */
final readonly class Guesses
{
    private const A_MINUTE = 5;

    /** @param  string  $door  tells it from all others */
    public function __construct(private string $door)
    {
    }

    /**
     * @param  string  $field  at which it is said
     *
     * @throws ValidationException 429, with the seconds until it opens again
     */
    public function mustBeFew(string $field): void
    {
        if (RateLimiter::tooManyAttempts($this->door, self::A_MINUTE)) {
            $seconds = RateLimiter::availableIn($this->door);
            throw ValidationException::withMessages([
                $field => "Too many tries. Try again in {$seconds} seconds.",
            ])->status(429);
        }
    }

    /** @throws ValidationException with the sentence at the field, always */
    public function wrong(string $field, string $sentence): never
    {
        RateLimiter::hit($this->door);
        throw ValidationException::withMessages([$field => $sentence]);
    }

    public function right(): void
    {
        RateLimiter::clear($this->door);
    }
}
