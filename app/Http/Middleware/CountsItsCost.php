<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * For questions that are long to work out: what counts is the processor time that a person has used for them within a
 * minute, whatever was asked how often. The web server has them answered by processes of their own, of low priority, so
 * that nobody's plain request waits for them.
 */
final readonly class CountsItsCost
{
    /** Milliseconds of processor time a minute: half of one processor. */
    private const A_MINUTE = 30_000;

    public function __construct(private RateLimiter $limiter)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        $key = 'cost.'.($user instanceof User ? $user->id : $request->ip());
        if ($this->limiter->tooManyAttempts($key, self::A_MINUTE)) {
            $seconds = $this->limiter->availableIn($key);

            return new JsonResponse(
                ['message' => "This takes long to work out, and you ask often. Try again in {$seconds} seconds."],
                429,
                ['Retry-After' => (string) $seconds],
            );
        }
        $before = self::spent();
        try {
            $response = $next($request);
        } finally {
            $this->limiter->increment($key, amount: (int) ceil(self::spent() - $before));
        }

        return $response instanceof Response
            ? $response
            : throw new \LogicException('A route must answer with a response.');
    }

    /** Milliseconds of processor time of this process so far. */
    private static function spent(): float
    {
        /** @var array<string, int> $used */
        $used = getrusage() ?: [];

        return 1000.0 * (($used['ru_utime.tv_sec'] ?? 0) + ($used['ru_stime.tv_sec'] ?? 0))
            + (($used['ru_utime.tv_usec'] ?? 0) + ($used['ru_stime.tv_usec'] ?? 0)) / 1000.0;
    }
}
