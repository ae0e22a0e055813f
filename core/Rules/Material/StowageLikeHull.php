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

final class StowageLikeHull extends EndRule implements PlanRule
{
    public const CODE = 'stowage-like-hull';

    public const TITLE = 'The stowage looks like the hull';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Stowage in the colour of the hull is not seen as stowage.';

    /** CIEDE2000 below which two parts run together at arm's length. */
    private const HARDLY_APART = 8.0;

    public function overall(Plan $plan, array $strata): array
    {
        $hull = null;
        foreach ($strata as $zone) {
            if ($zone->zone->kind->group() === 'body') {
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
            $own = $paint->product->material->colour;
            $body = $hull->product->material->colour;
            if ($own !== null && $body !== null && $own->differenceTo($body) < self::HARDLY_APART) {
                $number = $hull->stepIndex + 1;
                $findings[] = [
                    $this->findingOn(
                        Severity::Note,
                        $paint->stepId,
                        $zone,
                        "Its colour is hardly told from the paint of step {$number}.",
                        ['body' => $body->toHex()],
                    ),
                    $zone,
                ];
            }
        }

        return $findings;
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        $body = Lab::fromHex((string) $finding->facts['body']);

        return [
            $bench->withProduct(
                $finding->stepId,
                $bench
                    ->need('paint-canvas')
                    ->inFamilies(...$bench->techniqueOf($finding->stepId)->families)
                    ->apartFrom([$body], self::HARDLY_APART),
            ),
        ];
    }
}
