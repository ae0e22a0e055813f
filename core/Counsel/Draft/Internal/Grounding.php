<?php

declare(strict_types=1);

namespace Ulvrach\Counsel\Draft\Internal;

use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\ZoneKind;

/** What comes before any colour: parts made ready, stowage shaped, one hard skin over all. */
final class Grounding
{
    public static function lay(Laying $laying, Brief $brief): void
    {
        if (! $laying->saves(Thrift::Seams)) {
            $laying->add(
                'cut-and-sand',
                $brief->primed(),
                'Seams and mould lines show through every layer that comes after.',
            );
        }
        if ($brief->isAtLeast(Ambition::Exhibition)) {
            $laying->add(
                'tape-straps',
                $brief->ofKind(ZoneKind::Stowage, ZoneKind::Tools),
                'Straps of their own lie and sag as moulded ones never do.',
            );
        }
        if ($brief->isAtLeast(Ambition::Weeks)) {
            $laying->add(
                'dry-fit',
                $brief->primed(),
                'What covers what, and where markings go, is seen before anything is painted.',
            );
        }
        $laying->add(
            'prime',
            $brief->primed(),
            'One skin with grip over all materials; faults show on it.',
            product: $laying->find($laying->need('prime')),
            coats: $brief->isAtLeast(Ambition::Evenings) ? null : 1,
        );
    }
}
