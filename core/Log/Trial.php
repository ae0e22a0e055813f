<?php

declare(strict_types=1);

namespace Ulvrach\Log;

/** A test patch that was made, and what came of it. */
final readonly class Trial
{
    /**
     * @param  string  $rule  code of the rule that it is evidence for or against
     * @param  string  $where  "underside of the hull", "spoon"
     */
    public function __construct(
        public string $rule,
        public string $where,
        public int $rubs,
        public bool $passed,
    ) {
    }
}
