<?php

declare(strict_types=1);

namespace Ulvrach\Judgement\Rules\Remedy;

use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** What no modeller would do, however well it clears a finding. */
final class Sense
{
    /** Whether a changed plan brings no nonsense that it did not have. */
    public static function isKept(Verdict $before, Verdict $after): bool
    {
        $merged = self::merging($before->walk, $after->plan);

        return array_diff_key(self::nonsense($after->plan), self::nonsense($before->plan)) === [] &&
            array_diff_key($merged, self::merging($after->walk, $after->plan)) === [];
    }

    /** @return array<string, true> one for each step and zone that it is nonsense on */
    private static function nonsense(Plan $plan): array
    {
        $found = $paint = $final = $loose = [];
        foreach ($plan->steps as $step) {
            $technique = TechniqueLibrary::get($step->technique);
            $kind = $technique->kind;
            foreach ($step->zones as $zone) {
                if ($kind->isAny(Nature::Weathering, Nature::Wear)) {
                    $found += isset($paint[$zone]) ? [] : ["{$step->id} {$zone} wears what is not there" => true];
                }
                if ($kind->is(Nature::Colour) && $technique->role === ColourRole::Base && isset($final[$zone])) {
                    $found["{$final[$zone]} {$zone} comes before the colours"] = true;
                }
                if (
                    $kind->is(Nature::ClearCoat) &&
                    $step->application === Application::Brush &&
                    isset($loose[$zone])
                ) {
                    $found["{$step->id} {$zone} brushes loose pigment away"] = true;
                }
                $paint += $kind->is(Nature::Paint)
                    ? [$zone => true]
                    : [];
                $final += $step->technique === 'final-coat' ? [$zone => $step->id] : [];
                if ($kind->is(Nature::Pigment)) {
                    $loose[$zone] = true;
                } else {
                    unset($loose[$zone]);
                }
            }
        }

        return $found;
    }

    /** @return array<string, true> passes that go into one another, of steps that the plan has */
    private static function merging(Walk $walk, Plan $plan): array
    {
        $pairs = [];
        foreach ($walk->situations as $situation) {
            foreach ($walk->layers as $layer) {
                if (
                    $layer !== null &&
                    $situation->mergesInto($layer) &&
                    $plan->indexOf($layer->stepId) !== null &&
                    $plan->indexOf($situation->step->id) !== null
                ) {
                    $pairs["{$layer->stepId} {$situation->step->id}"] = true;
                }
            }
        }

        return $pairs;
    }
}
