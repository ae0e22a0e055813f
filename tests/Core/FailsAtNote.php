<?php

declare(strict_types=1);

namespace Tests\Core;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;

/** A rule with a fault in it, as the next one that nobody has found yet: it fails at steps with certain words. */
final class FailsAtNote extends RuleBase
{
    public const CODE = 'fails-at-note';

    public function __construct(private readonly string $words)
    {
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        if (str_contains($situation->step->note, $this->words)) {
            throw new \TypeError("Nobody has thought of “{$situation->step->note}”.");
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [];
    }
}
