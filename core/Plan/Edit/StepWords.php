<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Edit;

use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** How edits name a step. */
final class StepWords
{
    public static function ofTechnique(string $code): string
    {
        return TechniqueLibrary::has($code) ? TechniqueLibrary::get($code)->name : 'a step';
    }

    /** @param  Plan  $plan  as it is before the edit */
    public static function ofStep(string $id, Plan $plan): string
    {
        $index = $plan->indexOf($id);

        return $index === null ? 'a step' : self::ofTechnique($plan->steps[$index]->technique);
    }
}
