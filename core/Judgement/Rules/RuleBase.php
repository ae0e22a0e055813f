<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules;

use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Stuff\Technique\Nature;

/**
 * What all rules share: a code, a kind and an explanation as constants, and the making of findings from them.
 *
 * @internal to Ulvrach\Judgement\Rules
 */
abstract class RuleBase implements Rule
{
    /** @var string */
    public const CODE = '';

    /** @var string what is wrong, as a short sentence without its stop */
    public const TITLE = '';

    /** @var RuleKind */
    public const KIND = RuleKind::Fact;

    /** @var string */
    public const EXPLANATION = '';

    /** @var bool no trial can show otherwise: there is nothing to lift, or no way to get there */
    protected const CERTAIN = false;

    /** @var list<Nature> */
    protected const WATCHES = [];

    public function code(): string
    {
        return static::CODE;
    }

    public function title(): string
    {
        return static::TITLE;
    }

    public function kind(): RuleKind
    {
        return static::KIND;
    }

    public function explanation(): string
    {
        return static::EXPLANATION;
    }

    public function watches(): array
    {
        return static::WATCHES;
    }

    public function concerns(Situation $situation): bool
    {
        return true;
    }

    /**
     * The zones that it is about are named by whoever has asked.
     *
     * @param  array<string, string|int|null>  $facts
     */
    protected function finding(
        Severity $severity,
        Situation $at,
        string $happens,
        array $facts = [],
    ): Finding {
        return $this->findingOn($severity, $at->step->id, $happens, $facts);
    }

    /** @param  array<string, string|int|null>  $facts */
    protected function findingOn(
        Severity $severity,
        string $stepId,
        string $happens,
        array $facts = [],
    ): Finding {
        return $this->findingFor($severity, $stepId, [], $happens, $facts);
    }

    /**
     * @param  list<string>  $zones  ids
     * @param  array<string, string|int|null>  $facts
     */
    protected function findingFor(
        Severity $severity,
        string $stepId,
        array $zones,
        string $happens,
        array $facts = [],
    ): Finding {
        return new Finding(
            code: static::CODE,
            severity: $severity,
            stepId: $stepId,
            zones: $zones,
            happens: $happens,
            why: static::EXPLANATION,
            isCertain: static::CERTAIN,
            facts: $facts,
        );
    }
}
