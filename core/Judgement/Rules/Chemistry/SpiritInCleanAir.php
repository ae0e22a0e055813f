<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Chemistry;

use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleBase;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Situation;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Need;
use Ulvrach\Stuff\Technique\Nature;

final class SpiritInCleanAir extends RuleBase
{
    public const CODE = 'spirit-in-clean-air';

    public const TITLE = 'Spirit comes into a shop that keeps to water';

    public const KIND = RuleKind::Taste;

    public const EXPLANATION =
        'A shop that keeps to water stays free of vapours only if nothing brings spirit or '.'lacquer thinner in.';

    public function concerns(Situation $situation): bool
    {
        return $this->smelling($situation) !== null;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $carrier = $this->smelling($situation);

        return $carrier === null ? null : $this->finding(
            Severity::Note,
            $situation,
            ucfirst("{$carrier->label()} comes into a shop that keeps to water."),
        );
    }

    private function smelling(Situation $situation): ?Carrier
    {
        foreach ($situation->liquids as $liquid) {
            $carrier = $liquid->liquid->carrier;
            if ($carrier->isSpirit() || $carrier->isHot()) {
                return $carrier;
            }
        }

        return null;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $kind = $bench->techniqueOf($finding->stepId)->kind;
        $swap = match (true) {
            $kind->is(Nature::Wash) => [
                $bench->insteadUse($finding->stepId, 'clay-wash', 'Use a clay wash instead'),
                $bench->insteadUse($finding->stepId, 'acrylic-wash', 'Use an acrylic wash instead'),
            ],
            $kind->is(Nature::Filter) => [
                $bench->insteadUse($finding->stepId, 'air-filter', 'Mist an acrylic filter instead'),
            ],
            $kind->is(Nature::Prime) => [
                $bench->insteadUse(
                    $finding->stepId,
                    'prime',
                    'Use a waterborne primer',
                    $bench->need('prime')->inFamilies(BinderFamily::WaterborneAcrylic),
                ),
            ],
            $kind->is(Nature::ClearCoat) => [
                $bench->insteadUse(
                    $finding->stepId,
                    'clear-coat',
                    'Use a waterborne clear coat',
                    Need::clearCoat(
                        $bench->plan->productOf($bench->step($finding->stepId))->material->sheen ?? Sheen::Gloss,
                    ),
                ),
            ],
            default => [],
        };

        return [...$swap, $bench->leaveOut($finding->stepId, $finding->zones)];
    }
}
