<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;

/**
 * A rule that speaks at the end only, of journeys or of the whole plan.
 *
 * @internal to Ulvrach\Judgement\Rules
 */
abstract class EndRule extends RuleBase
{
    final public function examine(Situation $situation, Strata $below): ?Finding
    {
        return null;
    }
}
