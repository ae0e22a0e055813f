<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Material;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\SeenRule;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;

final class StowageLikeHull extends EndRule implements SeenRule
{
    public const CODE = 'stowage-like-hull';

    public const TITLE = 'The stowage looks like the hull';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'Stowage in the colour of the hull is not seen as stowage.';

    /** CIEDE2000 below which two parts run together at arm's length. */
    private const HARDLY_APART = 8.0;

    public function foresee(Walk $walk, Forecast $forecast): array
    {
        $hull = null;
        foreach ($walk->plan->zones as $zone) {
            if ($zone->kind->group() === 'body' && $walk->strata[$zone->id]->paint() !== null) {
                $hull ??= $zone->id;
            }
        }
        $body = $hull === null ? null : $walk->strata[$hull]->paint();
        if ($hull === null || $body === null) {
            return [];
        }
        $findings = [];
        foreach ($walk->plan->zones as $zone) {
            $paint = $walk->strata[$zone->id]->paint();
            if (
                $zone->kind->role() !== 'stowage' ||
                $paint?->product->material->colour === null ||
                // Left in the paint of the hull, it was not told apart: another rule speaks of that.
                $this->coat($walk, $forecast, $zone->id) === $this->coat($walk, $forecast, $hull)
            ) {
                continue;
            }
            // As all that lies on it leaves it: dust makes canvas and hull alike that were not before.
            $seen = $forecast->atEnd($hull)->of(Spot::Face);
            $apart = $forecast->atEnd($zone->id)->of(Spot::Face)->differenceTo($seen);
            if ($apart < self::HARDLY_APART) {
                $number = $body->stepIndex + 1;
                $findings[] = $this->findingFor(
                    Severity::Note,
                    $paint->stepId,
                    [$zone->id],
                    sprintf('In the end it differs from the paint of step %d by %.0f only.', $number, $apart),
                    ['body' => $seen->toHex()],
                );
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

    /** Id of what covers the zone, whatever lies on it in patches; null: nothing does. */
    private function coat(Walk $walk, Forecast $forecast, string $zone): ?string
    {
        return ($walk->plan->steps[$forecast->lastCoatOn($zone)] ?? null)?->product;
    }
}
