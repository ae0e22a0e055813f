<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

/**
 * A rule whose answer depends on the part itself (what it is made of, what it stands for, what follows on it), not only
 * on what lies there: it is asked for each zone, all others once for zones that share what lies on them.
 */
interface LooksAtZone extends Rule
{
}
