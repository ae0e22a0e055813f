<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Surface;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Nature;

/**
 * A technique meets a surface that is too smooth or too rough for it.
 *
 * @internal to Ulvrach\Judgement\Rules\Surface
 */
abstract class WrongSheen extends RuleBase
{
    public const KIND = RuleKind::Custom;

    /** @var Sheen */
    protected const WRONG = Sheen::Gloss;

    /** @var Sheen */
    protected const RIGHT = Sheen::Satin;

    /** @var Severity */
    protected const SEVERITY = Severity::Risk;

    /** @var string */
    protected const HAPPENS = '';

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        // What some like is said at the first step that meets this surface, not at each that follows it.
        $isSaid = static::SEVERITY === Severity::Note &&
            $below->lastStepOf(...static::WATCHES) > $below->lastStepOf(Nature::ClearCoat, Nature::Colour);

        return ! $isSaid && $below->sheen() === static::WRONG
            ? $this->finding(static::SEVERITY, $situation, static::HAPPENS)
            : null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [
            $bench->clearCoatBefore($finding->stepId, static::RIGHT, $finding->zones),
            $bench->clearCoatBefore($finding->stepId, Sheen::Satin, $finding->zones),
            $bench->leaveOut($finding->stepId, $finding->zones),
        ];
    }
}
