<?php

declare(strict_types=1);

namespace Ulvrach\Rules\Material;

use Ulvrach\Colour\Lab;
use Ulvrach\Plan\Plan;
use Ulvrach\Rules\EndRule;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\PlanRule;
use Ulvrach\Rules\Remedy\Workbench;
use Ulvrach\Rules\RuleKind;
use Ulvrach\Rules\Severity;
use Ulvrach\Shelf\StarterShelf;

final class StowageLikeHull extends EndRule implements PlanRule
{
    public const CODE = 'stowage-like-hull';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Stowage in the colour of the hull is not seen as stowage.';

    /** CIEDE2000 below which two parts run together at arm's length. */
    private const HARDLY_APART = 8.0;

    public function overall(Plan $plan, array $strata): array
    {
        $hull = null;
        foreach ($strata as $zone) {
            if ($zone->zone->kind->role() === 'body' && $zone->zone->depicts->rusts()) {
                $hull ??= $zone->paint();
            }
        }
        $findings = [];
        foreach ($strata as $zone) {
            $paint = $zone->paint();
            if (
                $zone->zone->kind->role() !== 'stowage' ||
                $paint === null ||
                $hull === null ||
                $paint->product->id === $hull->product->id
            ) {
                continue;
            }
            if (
                Lab::fromHex($paint->product->colour ?? '#000000')->differenceTo(
                    Lab::fromHex($hull->product->colour ?? '#000000'),
                ) < self::HARDLY_APART
            ) {
                $number = $hull->stepIndex + 1;
                $findings[] = [
                    $this->findingOn(
                        Severity::Note,
                        $paint->stepId,
                        $zone,
                        "Its colour is hardly told from the paint of step {$number}.",
                    ),
                    $zone,
                ];
            }
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return array_filter([$bench->withProduct($finding->stepId, StarterShelf::paintCanvas())]);
    }
}
