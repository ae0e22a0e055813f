<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Surface;

use Ulvrach\Chemistry\Sheen;
use Ulvrach\Evaluation\Situation;
use Ulvrach\Evaluation\Strata;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleBase;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;

/**
 * A technique meets a surface that is too smooth or too rough for it.
 *
 * @internal to Ulvrach\Rules\Surface
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
        return $below->sheen() === static::WRONG
            ? $this->finding(static::SEVERITY, $situation, $below, static::HAPPENS)
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
