<?php

declare(strict_types=1);

namespace Ulvrach\Plan\Log;

use Ulvrach\Plan\Plan;

/** What a change of plan does to what was done already. */
final class Past
{
    /**
     * Whether a changed plan leaves every finished step as it was, and brings nothing new below one.
     */
    public static function isKept(Plan $before, Plan $after, Log $log): bool
    {
        foreach ($log->moments() as $id => $_) {
            $was = $before->indexOf($id);
            if ($was === null) {
                continue;
            }
            $is = $after->indexOf($id);
            if (
                $is === null ||
                $before->steps[$was] != $after->steps[$is] ||
                array_diff(self::below($after, $is), self::below($before, $was)) !== []
            ) {
                return false;
            }
        }

        return true;
    }

    /** @return list<string> ids of the steps that go over one of its zones before it */
    private static function below(Plan $plan, int $index): array
    {
        $below = [];
        foreach (array_slice($plan->steps, 0, $index) as $step) {
            if (array_intersect($step->zones, $plan->steps[$index]->zones) !== []) {
                $below[] = $step->id;
            }
        }

        return $below;
    }
}
