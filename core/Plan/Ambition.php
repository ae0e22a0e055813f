<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** How much work the finish may be. */
enum Ambition: string
{
    case Evening = 'evening';
    case Evenings = 'evenings';
    case Weeks = 'weeks';
    case Exhibition = 'exhibition';

    /** @return array{int, int|null} hours at the bench, from and to; docs/sources.md, "effort". Null: and more */
    public function hours(): array
    {
        return match ($this) {
            self::Evening => [2, 3],
            self::Evenings => [6, 10],
            self::Weeks => [15, 25],
            self::Exhibition => [40, null],
        };
    }

    public function isAtLeast(self $other): bool
    {
        $order = self::cases();

        return array_search($this, $order, true) >= array_search($other, $order, true);
    }
}
