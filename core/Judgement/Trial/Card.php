<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Trial;

use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Edit\PutZone;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\FreeName;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * A card, spoon or underside for trials: the plan of a test card, each zone of which is a field with layers of its own.
 * The last step on a field is what is tried there.
 */
final class Card
{
    /** cm² of a field: as large as a thumb. */
    private const FIELD = 6.0;

    /** Fields of one card at most. */
    public const MOST = 8;

    public static function isOne(Plan $plan): bool
    {
        return $plan->build->kind === VehicleKind::TestCard;
    }

    /** With one bare field. */
    public static function blank(Plan $like, string $name): Plan
    {
        return $like->with(
            build: new Build($name, 'Card for trials', VehicleKind::TestCard, $like->build->scale),
            zones: ['one' => self::field('one', 'First', null)],
            products: [],
            steps: [],
        );
    }

    /** With the layers that a step of a plan will meet on a zone, and the step itself. */
    public static function of(Walk $walk, int $index, string $zone, string $name): Plan
    {
        $plan = $walk->plan;
        $steps = $products = [];
        foreach (array_slice($plan->steps, 0, $index + 1) as $at => $step) {
            if ($step->covers($zone) && ($at === $index || self::matters($walk, $at))) {
                $steps[] = self::onField($step, 'one', array_column($steps, 'id'));
                $product = $plan->productOf($step);
                if ($product !== null) {
                    $products[$product->id] = $product;
                }
            }
        }

        return self::blank($plan, $name)->with(
            zones: ['one' => self::field('one', 'As planned', $plan->zones[$zone])],
            products: $products,
            steps: $steps,
        );
    }

    /**
     * A second method beside the first: the same layers, and what is tried as a step of its own, to be changed.
     *
     * @return non-empty-list<PlanEdit>
     */
    public static function beside(Plan $card, string $zone, string $name, Log $log): array
    {
        $id = FreeName::of('field', array_map(strval(...), array_keys($card->zones)));
        $ids = array_column($card->steps, 'id');
        $last = self::lastOn($card, $zone);
        $edits = [new PutZone(self::field($id, $name, $card->zones[$zone]))];
        $added = 0;
        foreach ($card->steps as $at => $step) {
            if (! $step->covers($zone)) {
                continue;
            }
            if ($at !== $last && ! $log->isFinished($step->id)) {
                $edits[] = new ReplaceStep($step->onZones([...$step->zones, $id]));

                continue;
            }
            // What is done was not done there: it has to be done once more.
            $copy = FreeName::of($step->id, $ids);
            $ids[] = $copy;
            $edits[] = new InsertStep(
                $step->with(
                    id: $copy,
                    zones: [$id],
                    locked: false,
                    accepted: [],
                    merge: null,
                    // What was waited for before the other field is waited for here by then.
                    waitMinutes: $at === $last && $step->waitMinutes !== null ? 0 : $step->waitMinutes,
                ),
                $at === $last ? count($card->steps) + $added : $at + 1 + $added,
            );
            $added++;
        }

        return $edits;
    }

    /** Index of the last step that does something to a field; null: there is none yet. */
    public static function lastOn(Plan $card, string $zone): ?int
    {
        $last = null;
        foreach ($card->steps as $at => $step) {
            $isOnlySeen = TechniqueLibrary::get($step->technique)->kind->is(Nature::Look);
            $last = $step->covers($zone) && ! $isOnlySeen ? $at : $last;
        }

        return $last;
    }

    private static function field(string $id, string $name, ?Zone $like): Zone
    {
        return new Zone(
            id: $id,
            name: $name,
            kind: ZoneKind::HullSides,
            areaCm2: self::FIELD,
            substrate: $like->substrate ?? Substrate::Polystyrene,
            depicts: $like->depicts ?? DepictedMaterial::Steel,
        );
    }

    /** Looks, masks and washed plastic do not matter to what is tried. */
    private static function matters(Walk $walk, int $at): bool
    {
        return $walk->layers[$at] !== null ||
            $walk->situations[$at]->kind->isAny(Nature::LiftOff, Nature::Abrade, Nature::CleanUp, Nature::WarmAir);
    }

    /**
     * Panels and what was accepted belong to the vehicle.
     *
     * @param  list<string>  $before  ids of the steps that come with it
     */
    private static function onField(Step $step, string $field, array $before): Step
    {
        $extent = $step->extent?->with(panels: []);
        $isInto = $step->merge !== null && in_array($step->merge->into, $before, true);

        return $step->with(
            zones: [$field],
            accepted: [],
            merge: $isInto ? $step->merge : null,
            extent: $extent === null || $extent->isUsual() ? null : $extent,
            locked: false,
        );
    }
}
