<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Undo;

use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Stuff\Technique\TechniqueKind;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** Before a step without a way back: what to look at, made from what it is about to lock in. */
final class LookFirst
{
    /** @return list<string> questions, oldest layer first; empty: this step can be taken back */
    public static function before(Walk $walk, int $stepIndex): array
    {
        $step = $walk->plan->steps[$stepIndex];
        $technique = TechniqueLibrary::get($step->technique);
        if (! $technique->kind->locksIn()) {
            return [];
        }
        $questions = [];
        foreach ($step->zones as $zone) {
            foreach (self::open($walk->before($stepIndex, $zone)->layers) as $layer) {
                $question = self::question($layer);
                if ($question !== null) {
                    $questions[$question] = $layer->stepIndex;
                }
            }
        }
        asort($questions);

        return [...array_keys($questions), ...self::always($technique->kind, $technique->closesOff)];
    }

    /**
     * @param  list<Layer>  $layers
     * @return list<Layer> what lies there since the last clear coat
     */
    private static function open(array $layers): array
    {
        $open = [];
        foreach ($layers as $layer) {
            $open = $layer->kind === TechniqueKind::ClearCoat ? [] : [...$open, $layer];
        }

        return $open;
    }

    private static function question(Layer $layer): ?string
    {
        $number = $layer->stepIndex + 1;

        return match ($layer->kind) {
            TechniqueKind::Prime => "Step {$number}: is the primer whole on every edge and on both sides?",
            TechniqueKind::Colour,
            TechniqueKind::Shade => "Step {$number}: does “{$layer->product->name}” cover everywhere it should, "
                .'without dust in it?',
            TechniqueKind::Detail => "Step {$number}: is any small part forgotten, or painted over its edge?",
            TechniqueKind::Decal => "Step {$number}: do the markings lie flat, without silver, straight and where "
                .'they belong?',
            TechniqueKind::Filter => "Step {$number}: has the filter dried without a rim or pool?",
            TechniqueKind::Wash,
            TechniqueKind::Blend => "Step {$number}: are tide marks cleaned off, and no recess left out?",
            TechniqueKind::Chips => "Step {$number}: are the chips where boots and hands go, and enough?",
            TechniqueKind::Streak => "Step {$number}: does every streak start at something and run the right way?",
            TechniqueKind::Pigment,
            TechniqueKind::Mud => "Step {$number}: does the earth lie where it would gather, with the raised parts "
                .'wiped?',
            TechniqueKind::ReleaseFilm => "Step {$number}: are all chips lifted that shall be?",
            TechniqueKind::Mask,
            TechniqueKind::Unmask,
            TechniqueKind::ClearCoat,
            TechniqueKind::LiftOff,
            TechniqueKind::Abrade,
            TechniqueKind::Soften,
            TechniqueKind::Metal,
            TechniqueKind::FixPigment,
            TechniqueKind::Gloss,
            TechniqueKind::Sculpt,
            TechniqueKind::Join,
            TechniqueKind::Look,
            TechniqueKind::TestPatch,
            TechniqueKind::CleanUp,
            TechniqueKind::Prepare,
            TechniqueKind::WarmAir => null,
        };
    }

    /** @return list<string> */
    private static function always(TechniqueKind $kind, bool $closesOff): array
    {
        return match (true) {
            $closesOff => [
                'Is everything inside finished, seen with a lamp?',
                'Are the openings masked against spray from outside?',
            ],
            $kind === TechniqueKind::Join => [
                'Does it go the right way round: tracks, hatches, wheels, left and right?',
                'Does every part touch the ground that should?',
            ],
            $kind === TechniqueKind::ReleaseFilm => [
                'Is the colour below the one that shall show, and tough enough to be scrubbed?',
            ],
            $kind === TechniqueKind::ClearCoat => [
                'Loose dust and hairs: blown off?',
                'Photographs of this stage: taken?',
            ],
            default => [],
        };
    }
}
