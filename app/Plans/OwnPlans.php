<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Build;
use App\Models\User;
use Ulvrach\Log\Log;
use Ulvrach\Plan\Plan;

/** The plans of all builds of a person, with what has been done of them. */
final readonly class OwnPlans
{
    public function __construct(private LogStore $logs)
    {
    }

    /** @return list<array{Build, Plan, Log}> those that can be read */
    public function of(User $user): array
    {
        $builds = $user->builds()->with('head')->oldest()->oldest('id')->get();
        $ids = [];
        foreach ($builds as $build) {
            $ids[] = $build->id;
        }
        $logs = $this->logs->ofAll($user->id, $ids);
        $plans = [];
        foreach ($builds as $build) {
            try {
                $plans[] = [$build, $build->head->document, $logs[$build->id] ?? new Log()];
            } catch (UnreadablePlan) {
                continue;
            }
        }

        return $plans;
    }
}
