<?php

declare(strict_types=1);

namespace App\Supply;

use App\Clock\OwnNumbers;
use App\Models\Build;
use App\Models\Jar;
use App\Models\User;
use App\Plans\OwnPlans;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Supply\Shortage;
use Ulvrach\Plan\Supply\Take;
use Ulvrach\Plan\Supply\Takes;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Palette\KeptMix;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * What the builds of a person still take from which jar, and what is left in them. A finished step has taken its paint
 * from what was there when its owner last looked, so nothing is booked, and nothing has to be booked back.
 */
final readonly class Supplies
{
    public function __construct(private OwnPlans $plans)
    {
    }

    /**
     * @param  array<string, int>  $sets  by build: on how many sets the same is done at once; what is left out has one
     * @return array<string, mixed> takes in the order of work, the jars that they come from, and what is in mixes
     */
    public function of(User $user, array $sets = []): array
    {
        $jars = $this->jars($user);
        $own = OwnNumbers::of($user)->paint ?? 1.0;
        $used = $this->used($user, $own);
        [$takes, $needs] = [[], []];
        $open = $this->plans->walked(
            $user,
            static fn (Build $build, Walk $walk): array => [
                $build,
                $walk,
                Takes::of($walk->plan, $sets[$build->id] ?? 1, $own),
            ],
        );
        foreach ($open as [$build, $walk, $all]) {
            $name = $walk->plan->build->name;
            // Sheets, strips and sticks are needed too, though nobody measures them.
            foreach ($walk->plan->steps as $index => $step) {
                $product = $walk->plan->productOf($step);
                if ($product === null || Takes::hasVolume($product) || $walk->isDone($index)) {
                    continue;
                }
                $needs[$product->id] ??= [$product, []];
                $needs[$product->id][1][] = [
                    $build->id,
                    $name,
                    0.0,
                    self::wantedAt($walk->times[$index]->start, $walk->clockZero),
                ];
            }
            foreach ($all as $take) {
                $step = $walk->plan->steps[$take->index];
                if ($walk->isDone($take->index)) {
                    continue;
                }
                $takes[] = self::take($build, $name, $take, $step->technique, $step->id);
                $needs[$take->product->id] ??= [$take->product, []];
                $needs[$take->product->id][1][] = [
                    $build->id,
                    $name,
                    $take->jarMl,
                    self::wantedAt($walk->times[$take->index]->start, $walk->clockZero),
                ];
            }
        }

        return [
            'takes' => $takes,
            'jars' => array_values(
                array_map(
                    fn (array $need) => $this->need($need[0], $need[1], $jars[$need[0]->id] ?? null, $used),
                    $needs,
                ),
            ),
            'mixes' => self::mixes($user, array_keys($needs)),
        ];
    }

    /**
     * ml that finished steps have taken since the jar was looked at, by its id.
     *
     * @param  float|null  $own  how many times as much as by the figures; null: as the person has agreed
     * @return array<string, float>
     */
    public function used(User $user, ?float $own = null): array
    {
        $own ??= OwnNumbers::of($user)->paint ?? 1.0;
        $measured = [];
        foreach ($this->jars($user) as $code => $jar) {
            if ($jar->measured_at !== null) {
                $measured[$code] = intdiv($jar->measured_at->getTimestamp(), 60);
            }
        }
        $used = [];
        if ($measured === []) {
            return $used;
        }
        $taken = $this->plans->each(
            $user,
            static fn (Build $build, Plan $plan, Log $log): array => [
                $log,
                $plan,
                $log->isEmpty() ? [] : Takes::of($plan, own: $own),
            ],
        );
        foreach ($taken as [$log, $plan, $all]) {
            foreach ($all as $take) {
                $finished = $log->finishedAt($plan->steps[$take->index]->id);
                $since = $measured[$take->product->id] ?? null;
                if ($finished !== null && $since !== null && $finished >= $since) {
                    $used[$take->product->id] = ($used[$take->product->id] ?? 0.0) + $take->jarMl;
                }
            }
        }

        return $used;
    }

    /**
     * What is left in a jar now; null: nobody has looked.
     *
     * @param  array<string, float>  $used  ml by jar
     */
    public static function left(Jar $jar, array $used): ?float
    {
        return $jar->left_ml === null ? null : round(max(0.0, $jar->left_ml - ($used[$jar->code] ?? 0.0)), 1);
    }

    /** @return array<string, Jar> by code */
    private function jars(User $user): array
    {
        $jars = [];
        foreach ($user->jars as $jar) {
            $jars[$jar->code] = $jar;
        }

        return $jars;
    }

    /**
     * @param  list<array-key>  $jars  ids
     * @return list<array{jar: string, parts: list<array{name: string, parts: int}>}> of those that hold a kept mix
     */
    public static function mixes(User $user, array $jars): array
    {
        $ids = array_filter(array_map(static fn ($jar) => KeptMix::idIn((string) $jar), $jars), Str::isUuid(...));
        $mixes = [];
        foreach ($ids === [] ? [] : $user->mixes()->get()->whereIn('code', $ids) as $mix) {
            $mixes[] = [
                'jar' => $mix->kept()->jarId(),
                'parts' => array_map(
                    static fn (array $of) => ['name' => $of[0]->name, 'parts' => $of[1]],
                    $mix->cup->parts,
                ),
            ];
        }

        return $mixes;
    }

    /** @return array<string, mixed> */
    private static function take(Build $build, string $name, Take $take, string $technique, string $step): array
    {
        return [
            'build' => $build->id,
            'buildName' => $name,
            'step' => $step,
            'number' => $take->index + 1,
            'technique' => TechniqueLibrary::get($technique)->name,
            'jar' => $take->product->id,
            'jarMl' => round($take->jarMl, 2),
            'thinner' => $take->thinner?->label(),
            'thinnerMl' => round($take->thinnerMl, 2),
            'lostMl' => round($take->lostMl, 2),
        ];
    }

    /** By the plan's own clock; before it has begun, as if that were now. */
    private static function wantedAt(int $start, ?int $clockZero): Carbon
    {
        return Carbon::createFromTimestampUTC(60 * ($clockZero ?? intdiv(now()->getTimestamp(), 60)) + 60 * $start);
    }

    /**
     * @param  non-empty-list<array{string, string, float, Carbon}>  $uses  build, its name, ml, when
     * @param  array<string, float>  $used
     * @return array<string, mixed>
     */
    private function need(Product $product, array $uses, ?Jar $jar, array $used): array
    {
        $needs = array_sum(array_column($uses, 2));
        $isMeasured = Takes::hasVolume($product);
        $left = $jar === null ? null : self::left($jar, $used);
        $goesOff = $jar?->stock()->goesOffOn($product->material);
        $builds = [];
        $last = $uses[0][3];
        foreach ($uses as [$id, $name, $ml, $when]) {
            $last = $when->greaterThan($last) ? $when : $last;
            $builds[$id] = [
                'build' => $id,
                'name' => $name,
                'ml' => round(($builds[$id]['ml'] ?? 0.0) + $ml, 2),
            ];
        }
        $isOff = $goesOff !== null && $goesOff < $last->format('Y-m-d');

        return [
            'jar' => PlanWriter::product($product),
            'needMl' => $isMeasured ? round($needs, 2) : null,
            'leftMl' => $left,
            'price' => $jar?->price,
            'goesOffOn' => $goesOff,
            'isWithdrawn' => $jar->is_withdrawn ?? false,
            // Of what is counted by the piece, whoever has it has enough.
            'shortage' => Shortage::of($needs, $jar !== null, $isMeasured ? $left : $left ?? 0.0, $isOff)->value,
            'builds' => array_values($builds),
        ];
    }
}
