<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;

/** Steel on a part that is none: a run of rust may start there. Only the modeller's own words tell of it. */
final class Fitting
{
    private const WORDS = '/\b(bracket|bolt|nail|hinge|fitting|clamp|hook|screw|rivet|strap|latch|handle)/i';

    /** Whether the name of the zone or the note of the step names one. */
    public static function isNamed(Situation $situation, Strata $strata): bool
    {
        return preg_match(self::WORDS, "{$strata->zone()->name} {$situation->step->note}") === 1;
    }
}
