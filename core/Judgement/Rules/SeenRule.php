<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;

/** A rule that speaks of what is seen: it needs the colours that all zones come to, now and at the end. */
interface SeenRule extends Rule
{
    /** @return list<Finding> with the zones that each is about */
    public function foresee(Walk $walk, Forecast $forecast): array;
}
