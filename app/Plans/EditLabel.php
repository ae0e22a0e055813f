<?php

declare(strict_types=1);

namespace App\Plans;

use Ulvrach\Plan\Edit\DescribeBuild;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\MoveStep;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\Edit\PutZone;
use Ulvrach\Plan\Edit\RemoveProduct;
use Ulvrach\Plan\Edit\RemoveStep;
use Ulvrach\Plan\Edit\RemoveZone;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\Edit\SetBench;
use Ulvrach\Plan\Edit\SetSchool;
use Ulvrach\Plan\Plan;
use Ulvrach\Technique\TechniqueLibrary;

/** What the undo button says it will take back. */
final class EditLabel
{
    /** @param  non-empty-list<PlanEdit>  $edits */
    public static function of(array $edits, Plan $plan): string
    {
        $edit = $edits[count($edits) - 1];

        return match (true) {
            $edit instanceof InsertStep => 'Add '.self::technique($edit->step->technique),
            $edit instanceof RemoveStep => 'Delete '.self::named($edit->id, $plan),
            $edit instanceof MoveStep => 'Move '.self::named($edit->id, $plan),
            $edit instanceof ReplaceStep => 'Change '.self::technique($edit->step->technique),
            $edit instanceof PutProduct, $edit instanceof RemoveProduct => 'Change products',
            $edit instanceof PutZone, $edit instanceof RemoveZone => 'Change zones',
            $edit instanceof DescribeBuild => 'Change the build',
            $edit instanceof SetSchool => 'Change the school',
            $edit instanceof SetBench => 'Change the room',
            default => 'Change the plan',
        };
    }

    private static function named(string $stepId, Plan $plan): string
    {
        $index = $plan->indexOf($stepId);

        return $index === null ? 'a step' : self::technique($plan->steps[$index]->technique);
    }

    private static function technique(string $code): string
    {
        return TechniqueLibrary::has($code) ? TechniqueLibrary::get($code)->name : 'a step';
    }
}
