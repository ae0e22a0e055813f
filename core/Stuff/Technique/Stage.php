<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

/** The usual order of work, from the bare part to the last coat. */
enum Stage: string
{
    case Ground = 'ground';
    case Colour = 'colour';
    case Chipping = 'chipping';
    case Detail = 'detail';
    case Markings = 'markings';
    case Tint = 'tint';
    case Wear = 'wear';
    case Tracks = 'tracks';
    case Dust = 'dust';
    case Seal = 'seal';
    case Assembly = 'assembly';

    /** @return list<string> the parts of the work, in the order in which they are begun */
    public static function parts(): array
    {
        $parts = array_map(static fn (self $stage) => $stage->part(), self::cases());

        return array_values(array_unique(array_filter($parts, static fn (?string $part) => $part !== null)));
    }

    /** The part of the work that it belongs to; null: seals, looks, trials and joins go with what comes before them. */
    public function part(): ?string
    {
        return match ($this) {
            self::Ground => 'Ground',
            self::Colour => 'Colour',
            self::Chipping => 'Colour',
            self::Detail => 'Colour',
            self::Markings => 'Markings',
            self::Tint => 'Tints and washes',
            self::Wear => 'Wear',
            self::Tracks => 'Wear',
            self::Dust => 'Earth',
            self::Seal, self::Assembly => null,
        };
    }
}
