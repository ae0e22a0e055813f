<?php

declare(strict_types=1);

namespace App\Clock;

use App\Models\User;

/** What a person's own log has shown, as far as they have agreed that it counts. */
final readonly class OwnNumbers
{
    /** Observations that may be left out; beyond that the oldest count again. */
    private const MOST = 2_000;

    public const LEAST = 0.25;

    public const LARGEST = 4.0;

    /**
     * @param  list<string>  $dropped  keys of observations that shall not count
     * @param  float|null  $paint  how many times as much paint as by the figures they take; null: as by the figures
     */
    private function __construct(public array $dropped, public ?float $paint)
    {
    }

    public static function of(User $user): self
    {
        $own = $user->bench->own ?? [];
        $paint = $own['paint'] ?? null;

        return new self($own['dropped'] ?? [], $paint === null ? null : (float) $paint);
    }

    public static function drop(User $user, string $key, bool $isDropped): void
    {
        $own = self::of($user);
        $others = array_values(array_filter($own->dropped, static fn (string $one) => $one !== $key));
        self::keep($user, $isDropped ? array_slice([...$others, $key], -self::MOST) : $others, $own->paint);
    }

    public static function countPaint(User $user, ?float $ratio): void
    {
        $within = $ratio === null ? null : min(self::LARGEST, max(self::LEAST, $ratio));
        self::keep($user, self::of($user)->dropped, $within);
    }

    /** @param  list<string>  $dropped */
    private static function keep(User $user, array $dropped, ?float $paint): void
    {
        $user->keepBench(['own' => ['dropped' => $dropped, 'paint' => $paint]]);
    }
}
