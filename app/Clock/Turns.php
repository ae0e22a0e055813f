<?php

declare(strict_types=1);

namespace App\Clock;

use App\Models\User;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Str;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * One long computation a person at a time, so that whoever presses a button again and again keeps nobody else waiting.
 * The newest counts: who asks anew has changed something, or no longer waits for the answer to the question before.
 */
final readonly class Turns
{
    public function __construct(private Repository $cache)
    {
    }

    /**
     * @template T
     *
     * @param  float  $seconds  for the work, at most
     * @param  \Closure(Effort): T  $work  ends soon after the effort no longer goes on
     * @return T
     *
     * @throws \Throwable whatever the work throws
     * @throws HttpException 429 if this person has asked for another one meanwhile
     */
    public function take(User $user, float $seconds, \Closure $work): mixed
    {
        $key = "turn.{$user->id}";
        $own = (string) Str::uuid();
        $this->cache->put($key, $own, (int) ceil(2 * $seconds));
        $isOwn = fn (): bool => in_array($this->cache->get($key), [$own, null], true);
        $answer = $work(new Effort($seconds, static fn (float $spent): bool => $isOwn()));
        if (! $isOwn()) {
            throw new HttpException(429, 'You have asked for something else meanwhile; this was not worked out.');
        }

        return $answer;
    }
}
