<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Plan\Log\Trial;

/** Why a finding stops nothing any more. */
final readonly class Accepted
{
    /** @param  string  $reason  "" where only a trial speaks for it */
    public function __construct(
        public string $reason,
        public ?Trial $trial,
    ) {
    }
}
