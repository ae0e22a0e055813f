<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Chemistry\Carrier;

/** Taking the surplus of a wash or streak off again. */
final readonly class CleanUp
{
    /** @param  int  $afterMinutes from the end of applying to the first stroke */
    public function __construct(public Carrier $carrier, public bool $scrubbed, public int $afterMinutes)
    {
    }
}
