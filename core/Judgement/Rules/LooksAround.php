<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

/**
 * A rule that looks at other steps of the plan when it is asked about one: at what follows, or at what was done on
 * other zones. After an edit somewhere else it is asked again; all others are not, where the step meets what it met.
 */
interface LooksAround extends Rule
{
}
