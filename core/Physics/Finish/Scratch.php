<?php

declare(strict_types=1);

namespace Ulvrach\Physics\Finish;

use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Nature;

/** What a scratch of any depth would uncover on a zone: the paint's own history, from the surface down to the part. */
final readonly class Scratch
{
    /** CIEDE2000 below which a scratch through a colour shows nothing. */
    private const UNSEEN = 6.0;

    /**
     * @param  list<Layer>  $colours  from the surface down, each a colour that shows when those above it are gone
     * @param  list<string>  $warnings
     */
    private function __construct(public array $colours, public array $warnings)
    {
    }

    /** @param  int  $beforeStep  as it is when this step begins; the number of steps: at the end */
    public static function through(Walk $walk, string $zoneId, int $beforeStep): self
    {
        $strata = $walk->before($beforeStep, $zoneId);
        $colours = array_values(array_filter(array_reverse($strata->layers), self::isPaint(...)));

        $part = $walk->plan->zones[$zoneId]->substrate;

        return new self($colours, self::warnings($colours, $part->label(), self::hasBarrier($strata->layers)));
    }

    /** Tints and dust go with the paint they lie on; what shows in a scratch is paint. */
    private static function isPaint(Layer $layer): bool
    {
        $isTone = $layer->kind->is(Nature::Shade);

        return $layer->colour() !== null && match (true) {
            $isTone => $layer->coverage === Coverage::Grain && ! $layer->technique->role->isEarth(),
            default => $layer->kind->is(Nature::Paint),
        };
    }

    /** @param  list<Layer>  $layers */
    private static function hasBarrier(array $layers): bool
    {
        foreach ($layers as $place => $layer) {
            $next = $layers[$place + 1] ?? null;
            if ($layer->kind->is(Nature::ClearCoat) && $next !== null && $next->colour() !== null) {
                return $layer->sheen !== Sheen::Matte || $layer->coats > 1;
            }
        }

        return false;
    }

    /**
     * @param  list<Layer>  $colours
     * @return list<string>
     */
    private static function warnings(array $colours, string $part, bool $hasBarrier): array
    {
        if ($colours === []) {
            return ["There is no paint yet: the bare {$part} lies open."];
        }
        $warnings = [];
        $deepest = $colours[count($colours) - 1];
        if (! $deepest->kind->is(Nature::Prime)) {
            $number = $deepest->stepIndex + 1;
            $warnings[] = "Under the colour of step {$number} there is bare {$part}: a deep scratch shows it.";
        }
        if (count($colours) === 2 && $deepest->kind->is(Nature::Prime)) {
            $warnings[] =
                'A scratch shows the primer at once: no colour lies between that a real vehicle would show.';
        }
        foreach ($colours as $place => $colour) {
            $under = $colours[$place + 1] ?? null;
            if (
                $under !== null &&
                $colour->colour() !== null &&
                $under->colour() !== null &&
                $colour->colour()->differenceTo($under->colour()) < self::UNSEEN
            ) {
                $above = $colour->stepIndex + 1;
                $below = $under->stepIndex + 1;
                $warnings[] = "The colours of steps {$above} and {$below} are so alike that a scratch between them is "
                    .'not seen.';
            }
        }
        if (count($colours) > 2 && ! $hasBarrier) {
            $warnings[] = 'No clear coat lies between the colours: a brush that lifts one wears the next as well.';
        }

        return $warnings;
    }
}
