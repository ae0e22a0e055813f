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

final class StrangersThinner extends RuleBase
{
    public const CODE = 'strangers-thinner';

    public const TITLE = 'A stranger’s thinner curdles the paint';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION =
        'A paint thinned with what does not belong to its family curdles, sprays in threads, '.
        'or brings a solvent that the layer below was not meant to meet.';

    public function concerns(Situation $situation): bool
    {
        return $situation->step->thinner !== null;
    }

    public function examine(Situation $situation, Strata $below): ?Finding
    {
        $thinner = $situation->step->thinner;
        $product = $situation->product;
        if (
            $thinner === null ||
            $product === null ||
            in_array($thinner, $product->material->family->ownThinners(), true)
        ) {
            return null;
        }

        return $this->finding(
            Severity::Risk,
            $situation,
            ucfirst($thinner->label())." does not belong in “{$product->name}”, which is "
                ."{$product->material->family->label()}: ".$this->comesOf($product->material->family, $thinner),
        );
    }

    /** What happens in the cup: an emulsion breaks, a binder falls out, or the two merely stay apart. */
    private function comesOf(BinderFamily $family, Carrier $thinner): string
    {
        $isWater = $thinner === Carrier::Water || $thinner === Carrier::WettedWater;
        $isEmulsion = in_array(Carrier::Water, $family->ownThinners(), true);

        return match (true) {
            $isEmulsion && $thinner->isSpirit() => 'the two do not mix.',
            $isEmulsion => 'it curdles.',
            $family === BinderFamily::AlcoholAcrylic && $isWater => 'it thickens, and curdles if there is much of it.',
            $family->oxidises() && $thinner->isHot() => 'it thins it, and bites into what lies below.',
            $isWater => 'the two do not mix.',
            default => 'it curdles.',
        };
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $remedies = [$bench->withoutThinner($finding->stepId)];
        $product = $bench->plan->productOf($bench->step($finding->stepId));
        foreach ($product?->material->family->ownThinners() ?? [] as $carrier) {
            $remedies[] = $bench->thinnedWith($finding->stepId, $carrier);
        }

        return $remedies;
    }
}
