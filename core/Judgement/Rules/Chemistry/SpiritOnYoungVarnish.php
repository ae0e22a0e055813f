<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\StepLiquid;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Contact;

final class SpiritOnYoungVarnish extends RuleBase
{
    public const CODE = 'spirit-on-young-varnish';

    public const TITLE = 'Spirit meets varnish that is too young';

    public const EXPLANATION = 'A clear coat of acrylic bears the next coat after an hour and spirit only after a '
        .'night: until then spirit goes through it to the paint.';

    /** Share of the time to solvent-proof after which odourless spirit may lie on it: six hours of twelve. */
    private const HALF = 0.5;

    public function concerns(Situation $situation): bool
    {
        foreach ($situation->liquids as $liquid) {
            $contact = $liquid->liquid->contact;
            if ($liquid->liquid->carrier->isSpirit() && ! $contact->isSprayed() && $contact !== Contact::Dab) {
                return true;
            }
        }

        return false;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $worst = null;
        foreach ($below->withinReachOf($situation->work) as $layer) {
            foreach ($situation->liquids as $liquid) {
                $severity = $liquid->findsYoungVarnish($layer) ? $this->severity($liquid, $layer, $situation) : null;
                if ($severity !== null && ($worst === null || $severity->rank() < $worst[0]->rank())) {
                    $worst = [$severity, $liquid, $layer];
                }
            }
        }
        if ($worst === null) {
            return null;
        }
        [$severity, $liquid, $layer] = $worst;
        $number = $layer->stepIndex + 1;
        $age = Minutes::inWords(max(0, $this->minuteOf($liquid, $situation) - $layer->laidAt));

        return $this->finding(
            $severity,
            $situation,
            ucfirst($liquid->liquid->carrier->label()).", {$liquid->liquid->contact->verb()}, finds the clear coat of "
                ."step {$number} only {$age} old: it is no barrier yet.",
        );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [$bench->waitUntilReady($finding->stepId), $bench->leaveOut($finding->stepId, $finding->zones)];
    }

    /** Null: it is old enough for that. */
    private function severity(StepLiquid $liquid, Layer $layer, Situation $situation): ?Severity
    {
        $minute = $this->minuteOf($liquid, $situation);
        $proof = $layer->soonest[2] ?? $layer->soonest[1];
        $contact = $liquid->liquid->contact;
        if ($contact->isSprayed() || $contact === Contact::Dab) {
            return null;
        }
        if ($minute >= $proof) {
            return $this->inDoubt($liquid, $layer, $situation, $minute);
        }
        $isHalfWay = $minute >= $layer->laidAt + self::HALF * ($proof - $layer->laidAt);
        if ($liquid->liquid->carrier === Carrier::WhiteSpirit) {
            return Severity::Stop;
        }

        if ($contact === Contact::Brush) {
            return $isHalfWay ? null : Severity::Risk;
        }

        return $contact === Contact::Scrub ? Severity::Stop : Severity::Risk;
    }

    /** A night is a rule of thumb: who chose the moment is told that it is close, and hard rubbing stays a risk. */
    private function inDoubt(StepLiquid $liquid, Layer $layer, Situation $situation, int $minute): ?Severity
    {
        if ($liquid->liquid->carrier !== Carrier::WhiteSpirit || $minute >= (int) $layer->solventProofAt) {
            return null;
        }
        $isClose = $minute < ($layer->soonest[2] ?? $layer->laidAt) + Minutes::HOUR;

        return match (true) {
            $liquid->liquid->contact === Contact::Scrub => Severity::Risk,
            $isClose && $situation->step->waitMinutes !== null => Severity::Note,
            default => null,
        };
    }

    /** A clean-up comes later than the wash that it takes off. */
    private function minuteOf(StepLiquid $liquid, Situation $situation): int
    {
        return $liquid->isCleanUp && $situation->step->cleanUp !== []
            ? $situation->times->applied + $situation->step->cleanUp[0]->afterMinutes
            : $situation->start;
    }
}
