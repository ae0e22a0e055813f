<?php

declare(strict_types=1);

namespace App\Work;

use App\Clock\BenchSettings;
use App\Clock\Clock;
use App\Clock\OwnNumbers;
use App\Models\Build;
use App\Models\User;
use App\Plans\Judge;
use App\Plans\OwnPlans;
use App\Plans\UnreadablePlan;
use App\Room\Forecasts;
use App\Supply\Supplies;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Report\CardReport;
use Ulvrach\Report\FinishReport;
use Ulvrach\Report\TimetableReport;
use Ulvrach\Schedule\NoSchedule;

/** What the hands need of all builds of a person: the next steps in the order of the clock, and what dries. */
final readonly class Desk
{
    /** Steps that are shown ahead: more than anybody does between two times that the network is there. */
    private const AHEAD = 20;

    public function __construct(
        private Clock $clock,
        private OwnPlans $plans,
        private Judge $judge,
        private Forecasts $forecasts,
    ) {
    }

    /** @return array<string, mixed> */
    public function of(User $user): array
    {
        $now = intdiv(now()->getTimestamp(), 60);
        $week = BenchSettings::of($user);
        $forecast = $this->forecasts->of($user, $week, $now);
        $builds = $of = $walks = $clocks = [];
        $own = $this->plans->walked(
            $user,
            static fn (Build $build, Walk $walk): array => [
                $build,
                $walk,
                self::build($build, $walk),
                CardReport::clocks($walk, $now, $forecast),
            ],
        );
        foreach ($own as [$build, $walk, $shown, $running]) {
            [$of[$build->id], $walks[$build->id], $builds[]] = [$build, $walk, $shown];
            foreach ($running as $clock) {
                $clocks[] = ['build' => $build->id, ...$clock];
            }
        }
        $paint = OwnNumbers::of($user)->paint ?? 1.0;
        $cards = $jars = [];
        [$next, $session] = $this->next($user, $walks);
        foreach ($next as [$id, $step, $plannedAt]) {
            $index = isset($walks[$id]) ? $walks[$id]->plan->indexOf($step) : null;
            if ($index === null) {
                continue;
            }
            try {
                $card = $this->judge->alone(
                    $of[$id],
                    static fn (): array => CardReport::ofStep($walks[$id], $index, $now, $forecast, $paint),
                );
            } catch (UnreadablePlan) {
                continue;
            }
            $jars[] = $walks[$id]->plan->steps[$index]->product ?? '';
            $cards[] = ['build' => $id, 'plannedAt' => $plannedAt, ...$card];
        }

        return [
            'now' => TimetableReport::moment($now),
            'timeZone' => $week->timeZone,
            'builds' => $builds,
            'session' => $session,
            'cards' => $cards,
            'clocks' => $clocks,
            'mixes' => Supplies::mixes($user, array_values(array_unique($jars))),
        ];
    }

    /**
     * What lies wet or is begun, of all builds; then what comes, in the order in which the clock has it; and of each
     * build its next step, however far that is.
     *
     * @param  array<string, Walk>  $walks  by build
     * @return array{list<array{string, string, string|null}>, mixed} build, step, when; and the next session of the
     *   clock
     */
    private function next(User $user, array $walks): array
    {
        $next = $firsts = [];
        foreach (self::inHand($walks) as [$id, $step]) {
            $next["{$id} {$step}"] = [$id, $step, null];
        }
        try {
            /** @var list<array{build: string, step: string, pieces: list<array{from: string}>}> $items */
            ['items' => $items, 'next' => $session] = $this->clock->lay($user);
        } catch (NoSchedule) {
            [$items, $session] = [[], null];
        }
        foreach ($items as $item) {
            $key = "{$item['build']} {$item['step']}";
            $next[$key] ??= [$item['build'], $item['step'], null];
            $next[$key][2] ??= $item['pieces'][0]['from'] ?? null;
            $firsts[$item['build']] ??= $key;
        }
        // Where there is no clock, in the order of each plan.
        foreach ($items === [] ? $walks : [] as $id => $walk) {
            foreach ($walk->plan->steps as $index => $step) {
                if (! $walk->isDone($index)) {
                    $next["{$id} {$step->id}"] ??= [$id, $step->id, null];
                    break;
                }
            }
        }
        $ahead = array_slice($next, 0, self::AHEAD);

        return [array_values($ahead + array_intersect_key($next, array_flip($firsts))), $session];
    }

    /**
     * @param  array<string, Walk>  $walks  by build
     * @return list<array{string, string}> build and step: what lies wet, the oldest first, then what is begun
     */
    private static function inHand(array $walks): array
    {
        $wet = $begun = [];
        foreach ($walks as $id => $walk) {
            foreach ($walk->plan->steps as $index => $step) {
                if ($walk->isDone($index)) {
                    continue;
                }
                [$laidAt, $begunAt] = [$walk->log->laidAt($step->id), $walk->log->begunAt($step->id)];
                if ($laidAt !== null) {
                    $wet[] = [$laidAt, $id, $step->id];
                } elseif ($begunAt !== null) {
                    $begun[] = [$begunAt, $id, $step->id];
                }
            }
        }
        sort($wet);
        sort($begun);

        return array_map(static fn (array $one): array => [$one[1], $one[2]], [...$wet, ...$begun]);
    }

    /** @return array<string, mixed> */
    private static function build(Build $build, Walk $walk): array
    {
        $facts = $walk->plan->build;

        return [
            'id' => $build->id,
            'name' => $facts->name,
            'kind' => $facts->kind->value,
            'scale' => $facts->scale,
            'form' => $facts->form,
            'finish' => FinishReport::present($walk),
            'done' => count(array_filter(array_keys($walk->plan->steps), $walk->isDone(...))),
            'steps' => count($walk->plan->steps),
        ];
    }
}
