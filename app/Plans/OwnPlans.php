<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Build;
use App\Models\User;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;

/** The plans of all builds of a person, with what has been done of them. */
final readonly class OwnPlans
{
    /** Under which name a user keeps them while a request lasts. */
    private const READ = 'builds with their logs';

    public function __construct(private LogStore $logs, private Judge $judge)
    {
    }

    /**
     * @template T
     *
     * @param  \Closure(Build, Walk): T  $work  on one build
     * @return list<T> for those that can be read and at which the program does not fail
     */
    public function walked(User $user, \Closure $work): array
    {
        return $this->each(
            $user,
            fn (Build $build, Plan $plan, Log $log) => $work($build, $this->judge->walk($build, $log)),
        );
    }

    /**
     * @template T
     *
     * @param  \Closure(Build, Plan, Log): T  $work  on one build, which need not walk through it
     * @return list<T> for those that can be read and at which the program does not fail
     */
    public function each(User $user, \Closure $work): array
    {
        $done = [];
        foreach ($this->of($user) as [$build, $plan, $log]) {
            try {
                $done[] = $this->judge->alone($build, static fn () => $work($build, $plan, $log));
            } catch (UnreadablePlan) {
                continue;
            }
        }

        return $done;
    }

    /** @return array<string, Walk> by build: those that can be read and walked through */
    public function walks(User $user): array
    {
        return array_column(
            $this->walked($user, static fn (Build $build, Walk $walk): array => [$build->id, $walk]),
            1,
            0,
        );
    }

    /** @return list<array{Build, Plan, Log}> those that can be read */
    public function of(User $user): array
    {
        $plans = [];
        foreach ($this->all($user) as [$build, $log]) {
            try {
                $plans[] = [$build, $build->plan(), $log];
            } catch (UnreadablePlan) {
                continue;
            }
        }

        return $plans;
    }

    /**
     * All of them, the oldest first; read once for a user that was read once, so once a request.
     *
     * @return list<array{Build, Log}>
     */
    public function all(User $user): array
    {
        if (! $user->relationLoaded(self::READ)) {
            $builds = Build::whole($user->builds()->oldest()->oldest('id'));
            $ids = array_values($builds->map(static fn (Build $build) => $build->id)->all());
            $logs = $this->logs->ofAll($user->id, $ids);
            $all = $builds->map(static fn (Build $build) => [$build, $logs[$build->id] ?? new Log()])->all();
            $user->setRelation(self::READ, array_values($all));
        }
        /** @var list<array{Build, Log}> $read */
        $read = $user->getRelation(self::READ);

        return $read;
    }
}
