<?php

declare(strict_types=1);

namespace Tests\Http;

/** What is said of a jar when nothing is known of it. */
final class Stocks
{
    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    public static function of(array $changes = []): array
    {
        return [
            'leftMl' => null,
            'price' => null,
            'openedOn' => null,
            'keepsMonths' => null,
            'note' => '',
            'thinner' => '',
            'thinnedOn' => null,
            'signs' => [],
            'holdsMl' => null,
            'role' => null,
            'isWithdrawn' => false,
            ...$changes,
        ];
    }
}
