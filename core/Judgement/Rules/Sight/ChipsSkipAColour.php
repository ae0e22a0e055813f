<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Sight;

use Ulvrach\Judgement\Rules\EndRule;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\JourneyRule;
use Ulvrach\Judgement\Rules\Remedy\Workbench;
use Ulvrach\Judgement\Rules\RuleKind;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Strata;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Nature;

final class ChipsSkipAColour extends EndRule implements JourneyRule
{
    public const CODE = 'chips-skip-a-colour';

    public const TITLE = 'The chips skip a colour';

    public const KIND = RuleKind::Custom;

    public const EXPLANATION = 'A vehicle that was painted over wears down through its own history: the chip shows the '
        .'coat before first, and metal only in the middle of the deepest.';

    /** CIEDE2000 from which two coats are told apart, and up to which a chip shows one of them. */
    private const SEEN = 12.0;

    private const WINTER = ['winter-wash', 'winter-wash-brushed'];

    public function conclude(Plan $plan, Strata $zone, array $times): ?Finding
    {
        $history = $this->historyOf($zone->layers);
        if ($history === null) {
            return null;
        }
        [$paint, $before] = $history;
        if ($zone->lastStepOf(Nature::LiftOff, Nature::Abrade) > $paint->stepIndex) {
            return null;
        }
        $first = null;
        foreach ($zone->layers as $layer) {
            if ($layer->stepIndex < $paint->stepIndex || ! $layer->kind->is(Nature::Chips)) {
                continue;
            }
            if (! $this->differ($layer, $before)) {
                return null;
            }
            $first ??= $layer;
        }
        $number = $before->stepIndex + 1;

        return $first === null
            ? null
            : $this->findingOn(
                Severity::Note,
                $first->stepId,
                "No chip shows “{$before->product->name}” of step {$number}, which lies next below the paint.",
            );
    }

    public function remedies(Finding $finding, Workbench $bench): array
    {
        return [];
    }

    /**
     * @param  list<Layer>  $layers
     * @return array{Layer, Layer}|null the last coat and the one that it was painted over; null: it has one life only
     */
    private function historyOf(array $layers): ?array
    {
        $paint = null;
        $isApart = false;
        foreach (array_reverse($layers) as $layer) {
            $isCoat =
                $layer->technique->role === ColourRole::Base &&
                ($layer->coverage === Coverage::Whole || in_array($layer->technique->code, self::WINTER, true));
            if ($paint === null) {
                $paint = $isCoat ? $layer : null;
                $isApart = $paint !== null && in_array($paint->technique->code, self::WINTER, true);

                continue;
            }
            if ($isCoat) {
                return $isApart && $this->differ($paint, $layer) ? [$paint, $layer] : null;
            }
            // What was sealed, marked or filmed over was finished once; without that it is a tone of the same coat.
            $isApart =
                $isApart || $layer->kind->isAny(Nature::ClearCoat, Nature::ReleaseFilm, Nature::Decal);
        }

        return null;
    }

    private function differ(Layer $one, Layer $other): bool
    {
        return $one->colour() === null ||
            $other->colour() === null ||
            $one->colour()->differenceTo($other->colour()) >= self::SEEN;
    }
}
