<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** How much work the finish may be. */
enum Ambition: string
{
    case Evenings = 'evenings';
    case Weeks = 'weeks';
    case Exhibition = 'exhibition';

    public function isAtLeast(self $other): bool
    {
        $order = self::cases();

        return array_search($this, $order, true) >= array_search($other, $order, true);
    }
}
