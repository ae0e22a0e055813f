<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Judgement\Rules\FaultLook;
use Ulvrach\Light\Colour\InWords;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Layer;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Finish\Effect;
use Ulvrach\Physics\Finish\Mark;
use Ulvrach\Physics\Finish\Population;
use Ulvrach\Physics\Finish\Scratch;
use Ulvrach\Physics\Forecast\Colours;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\Place;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\TechniqueLibrary;
use Ulvrach\Vehicle\Belonging;

/**
 * A piece of one zone seen from close after a step, as plain data: the colours of its places as they are forecast, the
 * marks that lie on it with their number and sizes, what lies below, and what one finding would make of it. Where on
 * the piece each of them lies is for the one who draws.
 */
final class CloseUpReport
{
    private const BARE = '#babab6';

    private const GLOSS = [Sheen::Gloss->value => 1.0, Sheen::Satin->value => 0.4, Sheen::Matte->value => 0.0];

    /** Marks that lie on the surface like drops, each in its own colour. */
    private const HEAPS = [Effect::Mud, Effect::Splash];

    /** On which kind of place the forecast keeps what each effect has made. */
    private const KEPT_AS = [
        Effect::Patches->value => Spot::Patch,
        Effect::Chips->value => Spot::Chip,
        Effect::Scratches->value => Spot::Chip,
        Effect::Worn->value => Spot::Chip,
        Effect::Streaks->value => Spot::Streak,
        Effect::Stain->value => Spot::Streak,
        Effect::Rust->value => Spot::Streak,
        Effect::Marking->value => Spot::Marking,
    ];

    /**
     * @param  string  $zone  id
     * @param  int  $after  index of the step after which it is looked at; -1: the bare part
     * @param  string|null  $rule  code of the finding whose picture is asked for; null: as it is meant
     * @param  Product|null  $jar  what that step is done with instead; null: as the plan has it
     * @return array<string, mixed>
     */
    public static function of(
        Walk $walk,
        Forecast $forecast,
        string $zone,
        int $after,
        ?string $rule = null,
        ?Product $jar = null,
    ): array {
        $others = $forecast;
        $forecast = $jar === null || $after < 0 ? $forecast : $forecast->withJar($after, $jar, $zone);
        $plan = $walk->plan;
        $is = $plan->zones[$zone];
        $step = $plan->steps[$after] ?? null;
        $now = $forecast->after($after, $zone);
        $look = $rule === null ? null : FaultLook::of($rule);
        $name = $step === null ? 'The bare part' : TechniqueLibrary::get($step->technique)->name;
        $own = $jar ?? ($step === null ? null : $plan->productOf($step));
        $marks = self::marks($forecast, $walk, $zone, $after, $now, $jar?->material->colour);

        return [
            'zone' => ['id' => $zone, 'name' => $is->name, 'kind' => $is->kind->value],
            'scale' => $plan->build->scale,
            'step' => $step?->id,
            'number' => $after + 1,
            'name' => $name,
            ...self::shown($walk, $forecast, $zone, $after),
            'marks' => $marks,
            'before' => self::shown($walk, $forecast, $zone, $after - 1),
            'own' => $own?->material->colour?->toHex(),
            'under' => self::under($walk, $forecast, $zone, max(0, $after)),
            'bare' => self::BARE,
            'isSprayed' => in_array($step?->application, [Application::Airbrush, Application::Can], true),
            'beside' => self::beside($walk, $others, $zone, $after),
            'fault' => $look === null ? null : ['rule' => $rule, 'look' => $look->value],
            'says' => self::says($is->name, $name, $after, $now, $marks, $look),
        ];
    }

    /** @return array<string, mixed> what is seen of a zone; kinds: those of the vehicle that are painted as it is */
    private static function shown(Walk $walk, Forecast $forecast, string $zone, int $after): array
    {
        $isOf = static fn (?string $id) => $id === $zone;
        $after = max(-1, $after);

        return [
            'kinds' => array_keys(array_filter(Belonging::of($walk->plan), $isOf)),
            'colours' => self::colours($forecast, $zone, $after),
            'gloss' => self::gloss($walk, $zone, $after),
            'marks' => self::marks($forecast, $walk, $zone, $after, $forecast->after($after, $zone)),
        ];
    }

    /** What comes to light where the topmost of the coats that cover all of it is gone. */
    private static function under(Walk $walk, Forecast $forecast, string $zone, int $before): string
    {
        $inPatches = [];
        foreach ($forecast->marks() as $mark) {
            if ($mark->effect === Effect::Patches) {
                $inPatches[$mark->step] = true;
            }
        }
        $coats = array_values(array_filter(
            Scratch::through($walk, $zone, $before)->colours,
            static fn (Layer $layer) => $layer->coverage === Coverage::Whole && ! isset($inPatches[$layer->stepIndex]),
        ));

        return ($coats[1] ?? null)?->colour()?->toHex() ?? self::BARE;
    }

    /** @return array{face: string, recess: string, edge: string, lower: string} */
    private static function colours(Forecast $forecast, string $zone, int $after): array
    {
        $now = $forecast->after($after, $zone);
        // What lies below drops and clods is seen between them.
        $below = $now;
        foreach ($forecast->marks() as $mark) {
            $isHeap = in_array($mark->effect, self::HEAPS, true) && in_array($zone, $mark->zones, true);
            if ($isHeap && $mark->step <= $after && $mark->step > $forecast->lastCoatOn($zone)) {
                $below = $forecast->after($mark->step - 1, $zone);
                break;
            }
        }

        return [
            'face' => $now->of(Spot::Face)->toHex(),
            'recess' => $now->of(Spot::Recess)->toHex(),
            'edge' => $now->of(Spot::Edge)->toHex(),
            'lower' => $below->of(Spot::Lower)->toHex(),
        ];
    }

    private static function gloss(Walk $walk, string $zone, int $after): float
    {
        return $after < 0 ? 0.3 : self::GLOSS[($walk->after($after, $zone)->sheen() ?? Sheen::Matte)->value];
    }

    /**
     * @param  Lab|null  $instead  of the last step; null: as its jar is
     * @return list<array<string, mixed>> in the order in which they were laid
     */
    private static function marks(
        Forecast $forecast,
        Walk $walk,
        string $zone,
        int $after,
        Colours $now,
        ?Lab $instead = null,
    ): array {
        $lives = [];
        foreach ($now->made() as [$spot, $step]) {
            $lives["{$spot->value} {$step}"] = true;
        }
        $coat = -1;
        $marks = [];
        foreach ($forecast->marks() as $mark) {
            if ($mark->step > $after || ! in_array($zone, $mark->zones, true)) {
                continue;
            }
            if ($mark->effect === Effect::Coat) {
                $coat = $mark->step;
                $marks = array_values(array_filter($marks, static fn (array $one) => $one['kind'] !== 'heap'));
            }
            $kept = self::KEPT_AS[$mark->effect->value] ?? null;
            $colour = $mark->step === $after ? $instead ?? $mark->colour : $mark->colour;
            $said = match (true) {
                $kept !== null && isset($lives["{$kept->value} {$mark->step}"]) => [
                    $kept->value,
                    $now->madeBy($mark->step, $kept),
                ],
                in_array($mark->effect, self::HEAPS, true) => ['heap', self::heaped($mark, $colour)],
                $mark->effect === Effect::Dust => ['dust', $colour],
                $mark->effect === Effect::Mask && ($mark->until === null || $mark->until > $after) => ['mask', null],
                default => null,
            };
            if ($said !== null) {
                $marks[] = self::mark($said[0], $said[1], $mark, $walk, $zone);
            }
        }

        return array_values(array_filter(
            $marks,
            static fn (array $mark) => $mark['kind'] !== 'dust' || $mark['step'] > $coat,
        ));
    }

    /** Wet earth is darker than the dry of the jar. */
    private static function heaped(Mark $mark, ?Lab $colour): ?Lab
    {
        return $colour !== null && $mark->sheen === Sheen::Gloss
            ? new Lab(0.8 * $colour->l, $colour->a, $colour->b)
            : $colour;
    }

    /** @return array<string, mixed> sizes in mm on the model */
    private static function mark(string $kind, ?Lab $colour, Mark $mark, Walk $walk, string $zone): array
    {
        $is = $walk->plan->zones[$zone];
        $population = Population::of($mark, $is, $walk->plan->build);

        return [
            'kind' => $kind,
            'effect' => $mark->effect->value,
            'step' => $mark->step,
            'colour' => $colour?->toHex(),
            'amount' => round($mark->amount, 3),
            'isSoft' => $mark->isSoft,
            'isWet' => $mark->sheen === Sheen::Gloss,
            'places' => array_map(static fn (Place $place) => $place->value, $mark->places),
            'share' => $mark->share,
            'perCm2' => $population === null ? null : round($population->count / max(1.0, $is->areaCm2), 4),
            'leastMm' => $population?->leastMm,
            'usualMm' => $population?->usualMm,
            'mostMm' => $population?->mostMm,
        ];
    }

    /** @return list<array<string, mixed>> the other zones, which may stand beside or behind it */
    private static function beside(Walk $walk, Forecast $forecast, string $zone, int $after): array
    {
        $beside = [];
        foreach ($walk->plan->zones as $id => $other) {
            if ($id !== $zone) {
                $beside[] = ['kind' => $other->kind->value, ...self::shown($walk, $forecast, $id, $after)];
            }
        }

        return $beside;
    }

    /** @param  list<array<string, mixed>>  $marks */
    private static function says(
        string $zone,
        string $name,
        int $after,
        Colours $now,
        array $marks,
        ?FaultLook $look,
    ): string {
        $what = $after < 0 ? "{$zone}, bare" : "{$zone} after step ".($after + 1).", {$name}";
        $seen = [InWords::named($now->of(Spot::Face))];
        if ($now->of(Spot::Recess)->differenceTo($now->of(Spot::Face)) > 3.0) {
            $seen[] = 'lines '.InWords::named($now->of(Spot::Recess));
        }
        $words = ['chip' => 'chips', 'streak' => 'runs', 'heap' => 'mud and splashes', 'patch' => 'patches'];
        foreach ($words as $kind => $word) {
            if (array_filter($marks, static fn (array $mark) => $mark['kind'] === $kind) !== []) {
                $seen[] = $word;
            }
        }
        $fault = $look === null ? '' : ' Where it goes wrong, '.$look->says().'.';

        return "{$what}: ".implode(', ', $seen).'.'.$fault;
    }
}
