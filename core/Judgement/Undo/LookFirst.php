<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Undo;

use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Stuff\Technique\Kind;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** Before a step without a way back: what to look at, made from what it is about to lock in. */
final class LookFirst
{
    /** @return list<string> questions, oldest layer first; empty: this step can be taken back */
    public static function before(Walk $walk, int $stepIndex): array
    {
        $step = $walk->plan->steps[$stepIndex];
        $technique = TechniqueLibrary::get($step->technique);
        if (! $technique->kind->is(Nature::LocksIn)) {
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
            $open = $layer->kind->is(Nature::ClearCoat) ? [] : [...$open, $layer];
        }

        return $open;
    }

    private static function question(Layer $layer): ?string
    {
        $question = $layer->kind->question;
        if ($question === null) {
            return null;
        }
        $number = $layer->stepIndex + 1;

        return "Step {$number}: ".str_replace('{jar}', $layer->product->name, $question);
    }

    /** @return list<string> */
    private static function always(Kind $kind, bool $closesOff): array
    {
        return match (true) {
            $closesOff => [
                'Is everything inside finished, seen with a lamp?',
                'Are the openings masked against spray from outside?',
            ],
            $kind->is(Nature::Join) => [
                'Does it go the right way round: tracks, hatches, wheels, left and right?',
                'Does every part touch the ground that should?',
            ],
            $kind->is(Nature::ReleaseFilm) => [
                'Is the colour below the one that shall show, and tough enough to be scrubbed?',
            ],
            $kind->is(Nature::ClearCoat) => [
                'Loose dust and hairs: blown off?',
                'Photographs of this stage: taken?',
            ],
            default => [],
        };
    }
}
