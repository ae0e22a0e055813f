<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\Scheme;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\Sheen;

/** Clear coats between the steps, and the markings that lie between them. */
final readonly class Marking
{
    /** In the order in which they carry markings, and on how many. */
    private const CARRY = [
        ZoneKind::Turret,
        ZoneKind::HullSides,
        ZoneKind::Cab,
        ZoneKind::Skirts,
        ZoneKind::RearPlate,
        ZoneKind::Fenders,
    ];

    private const MOST = 2;

    /** What is sealed before solvents: all that is painted, and small parts, but for what has no paint to protect. */
    private const BARE = [ZoneKind::Glass, ZoneKind::Tracks, ZoneKind::SpareLinks, ZoneKind::Exhaust, ZoneKind::Tyres];

    /** The first clear coat, which markings and washes lie on. */
    public static function seal(Laying $laying, Brief $brief): void
    {
        if (! $brief->isAtLeast(Ambition::Evenings)) {
            self::leaveOut($laying, $brief);

            return;
        }
        $sheen = self::sheen($brief);
        // What the crew painted round lies below the white already.
        $marked = $brief->story->scheme === Scheme::Winter ? [] : self::marked($brief);
        if ($sheen === Sheen::Gloss) {
            $laying->add(
                'clear-coat',
                self::sealed($brief),
                $marked === []
                    ? 'Washes run on it, and spirit does not get through.'
                    : 'Markings settle on it, washes run on it, and spirit does not get through.',
                sheen: Sheen::Gloss,
            );
        } else {
            // Only what markings lie on is made smooth.
            $laying->add('clear-coat', $marked, 'Markings silver on matte paint.', sheen: Sheen::Gloss);
        }
        if ($marked === []) {
            $laying->add(
                'clear-coat',
                $sheen === Sheen::Satin ? self::sealed($brief) : [],
                'One satin coat carries all that follows and keeps spirit off the paint.',
                sheen: Sheen::Satin,
            );

            return;
        }
        self::mark($laying, $marked);
        $laying->add(
            'clear-coat',
            $sheen === Sheen::Satin ? self::sealed($brief) : $marked,
            $sheen === Sheen::Satin
                ? 'One satin coat carries all that follows, takes the edge off markings and keeps spirit off the paint.'
                : 'Takes their edge away and keeps what follows off them.',
            sheen: $sheen,
        );
    }

    private static function leaveOut(Laying $laying, Brief $brief): void
    {
        if ($brief->story->hasMarkings) {
            $laying->leftOut('Markings: they want a clear coat below and above them, and each of those a night.');
        }
    }

    /** @param  list<string>  $marked */
    private static function mark(Laying $laying, array $marked): void
    {
        $laying->add('decal', $marked, 'Where the unit put them; the vehicle has a name and a number.');
        $laying->add('decal-softener', $marked, 'So that they lie over rivets and joints as paint would.');
        $laying->add('look-over', $marked, 'Silver and crooked numbers are seen now or for ever.');
    }

    /**
     * The markings of a vehicle that is whitened later, and a clear coat on all that is worn back to what lies below.
     *
     * @param  list<string>  $worn  ids
     */
    public static function belowWhite(Laying $laying, Brief $brief, array $worn): void
    {
        if (! $brief->isAtLeast(Ambition::Evenings)) {
            self::leaveOut($laying, $brief);

            return;
        }
        $marked = self::marked($brief);
        $laying->add('clear-coat', $marked, 'Markings silver on matte paint.', sheen: Sheen::Gloss);
        self::mark($laying, $marked);
        $laying->add(
            'clear-coat',
            array_values(array_unique([...$worn, ...$marked])),
            match (true) {
                $worn === [] => 'Takes their edge away and keeps what follows off them.',
                $marked === [] => 'The colours below stay when the white is worn.',
                default => 'The colours below stay when the white is worn, and markings have no edge.',
            },
            sheen: Sheen::Satin,
        );
    }

    public static function sheen(Brief $brief): Sheen
    {
        return match (true) {
            $brief->answers('clear-before-solvents', 'never') => Sheen::Matte,
            $brief->answers('sheen-under-washes', 'gloss') => Sheen::Gloss,
            default => Sheen::Satin,
        };
    }

    /** @return list<string> */
    public static function sealed(Brief $brief): array
    {
        return array_values(array_diff($brief->primed(), $brief->ofKind(...self::BARE)));
    }

    /** @return list<string> empty: it has no markings */
    private static function marked(Brief $brief): array
    {
        if (! $brief->story->hasMarkings) {
            return [];
        }
        $carriers = [];
        foreach (self::CARRY as $kind) {
            array_push($carriers, ...$brief->ofKind($kind));
        }

        return array_slice(array_values(array_intersect($carriers, $brief->painted())), 0, self::MOST);
    }
}
