<?php

declare(strict_types=1);

namespace App\Clock;

use App\Models\User;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Contracts\Cache\Repository;
use Symfony\Component\HttpKernel\Exception\HttpException;

/**
 * One long computation a person at a time, so that whoever presses a button again and again keeps nobody else waiting.
 */
final readonly class Turns
{
    /** Seconds after which a turn is over whatever happened to it. */
    private const AT_MOST = 15;

    public function __construct(private Repository $cache)
    {
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $work
     * @return T
     *
     * @throws \Throwable whatever the work throws
     * @throws HttpException 429 if another one of this person is under way
     */
    public function take(User $user, \Closure $work): mixed
    {
        $locks = $this->cache->getStore();
        if (! $locks instanceof LockProvider) {
            throw new \LogicException('The cache must be able to lock.');
        }
        $lock = $locks->lock("turn.{$user->id}", self::AT_MOST);
        if ($lock->get() !== true) {
            throw new HttpException(429, 'Your last request for this is still being worked on. Try again in a moment.');
        }
        try {
            return $work();
        } finally {
            $lock->release();
        }
    }
}
