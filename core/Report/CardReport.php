<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Judgement\Safety\Safety;
use Ulvrach\Judgement\Safety\WashUp;
use Ulvrach\Judgement\Undo\LookFirst;
use Ulvrach\Physics\Evaluation\FilmClock;
use Ulvrach\Physics\Evaluation\FollowUp;
use Ulvrach\Physics\Evaluation\Forecast;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Finish\Enough;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Supply\Take;
use Ulvrach\Plan\Supply\Takes;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Habit;
use Ulvrach\Stuff\Technique\Handling;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * A step as it is read at the bench, whole in itself, so that it can be read without a network; and what dries there,
 * by the clock.
 */
final class CardReport
{
    /** Minutes after which nobody looks any more at what has become possible. */
    private const STALE = 720;

    /** Seconds for which water stands on a chipping film before it is worked; docs/sources.md, "lifting chips". */
    private const SOAK = [20, 60];

    /**
     * @param  int  $now  Unix minute
     * @param  Forecast  $forecast  of the room that films dry in
     * @param  float  $paint  how many times as much paint as by the figures the hands take
     * @return array<string, mixed>
     */
    public static function ofStep(Walk $walk, int $index, int $now, Forecast $forecast, float $paint = 1.0): array
    {
        $plan = $walk->plan;
        $step = $plan->steps[$index];
        $technique = TechniqueLibrary::get($step->technique);
        $product = $plan->productOf($step);
        $take = self::take($walk, $index, $paint);
        $clock = new FilmClock($walk, $forecast);
        [$opens, $closes] = [$clock->opens($index), $clock->closes($index)];
        $begun = $walk->log->begunAt($step->id);
        $times = $walk->times[$index];

        return [
            'step' => $step->id,
            'number' => $index + 1,
            'of' => count($plan->steps),
            'technique' => $technique->name,
            'kind' => $technique->kind->value,
            'jar' => $product === null ? null : PlanWriter::product($product),
            'zones' => $step->zones,
            'where' => array_map(static fn (string $zone) => $plan->zones[$zone]->name, $step->zones),
            'how' => self::how(
                $step,
                $take,
                $step->application === Application::Airbrush
                    ? implode(', ', $technique->practice->settings())
                    : Handling::of($step->application, $walk->situations[$index]->work->load),
                Enough::ofStep($walk, $index),
            ),
            'take' => $take === null
                ? null
                : [
                    'jarMl' => round($take->jarMl, 2),
                    'thinnerMl' => round($take->thinnerMl, 2),
                    'thinner' => $take->thinner?->label(),
                ],
            'cleanUp' => array_map(self::pass(...), $step->cleanUp),
            'tools' => $technique->practice->things(),
            'signs' => $technique->practice->signs,
            'cautions' => $technique->practice->cautions,
            'habits' => array_map(KnowledgeReport::habit(...), Habit::for($technique->kind)),
            'lookFirst' => LookFirst::before($walk, $index),
            'hazards' => array_map(KnowledgeReport::hazard(...), Safety::ofStep($step, $plan)),
            'note' => $step->note,
            'handsOn' => $times->handsOn,
            'opensSoonest' => $opens === null ? null : TimetableReport::moment($opens->soonest),
            'opensAt' => $opens === null ? null : TimetableReport::moment($opens->sure),
            'closesAt' => $closes === null ? null : TimetableReport::moment($closes),
            'waitsFor' => $times->hold === null
                ? null
                : "{$times->hold->layer->film->label()} of step ".($times->hold->layer->stepIndex + 1).
                    ", until it is {$times->hold->needs->label()}",
            'begunAt' => $begun === null ? null : TimetableReport::moment($begun),
            'laidAt' => self::laid($walk, $step),
            'rounds' => $technique->kind->isAny(Nature::Wash, Nature::LiftOff) ? $walk->log->roundsOf($step->id) : null,
            'soakSeconds' => $technique->kind->is(Nature::LiftOff) ? self::SOAK : null,
            'cleaning' => self::cleaning($walk, $index, $now, $clock),
            'after' => self::after($walk, $index, $now, $clock),
            'washUp' => WashUp::after($step, $product),
        ];
    }

    /**
     * What dries or stands open, by the clock: of each finished step of which something is still to come, or has come
     * not long ago.
     *
     * @param  int  $now  Unix minute
     * @return list<array<string, mixed>>
     */
    public static function clocks(Walk $walk, int $now, Forecast $forecast): array
    {
        $clock = new FilmClock($walk, $forecast);
        $clocks = [];
        foreach (array_keys($walk->plan->steps) as $index) {
            $laidAt = $clock->laidAt($index);
            $wet = $laidAt === null ? self::wet($walk, $index, $now, $clock) : null;
            if ($wet !== null) {
                $clocks[] = $wet;
            }
            if ($laidAt === null) {
                continue;
            }
            $cures = $clock->cures($index);
            $windows = self::windows($walk, $index, $laidAt, $clock);
            $last = max($cures['recoatable']->sure ?? 0, $cures['solventProof']->sure ?? 0);
            foreach ($windows as $window) {
                $last = max($last, $window->opens, $window->closes ?? 0);
            }
            if ($last >= $now - self::STALE) {
                $clocks[] = [
                    ...self::named($walk, $index, $laidAt),
                    'cures' => $cures === null ? null : CureReport::of($cures),
                    'windows' => array_map(self::window(...), $windows),
                ];
            }
        }

        return $clocks;
    }

    private static function take(Walk $walk, int $index, float $paint): ?Take
    {
        foreach (Takes::of($walk->plan, own: $paint) as $take) {
            if ($take->index === $index) {
                return $take;
            }
        }

        return null;
    }

    /** @return list<string> in the order in which hands need it */
    private static function how(Step $step, ?Take $take, ?string $handling, ?string $enough): array
    {
        $how = [];
        if ($take !== null) {
            $how[] = $take->thinner === null || $take->thinnerMl < 0.005
                ? self::millilitres($take->jarMl).' as it comes'
                : self::millilitres($take->jarMl).' with '.self::millilitres($take->thinnerMl).
                    " of {$take->thinner->label()}";
        }
        if ($step->coats > 1) {
            $how[] = "{$step->coats} coats";
        }
        if ($handling !== null && $handling !== '') {
            $how[] = ucfirst($handling);
        }
        // A note that says it knows better.
        if ($enough !== null && ! str_contains($step->note, 'Enough is')) {
            $how[] = $enough;
        }

        return $how;
    }

    private static function millilitres(float $ml): string
    {
        return $ml < 0.1 ? 'a drop or two' : rtrim(rtrim(number_format($ml, 1, '.', ''), '0'), '.').' ml';
    }

    /** @return array{says: string, afterMinutes: int} */
    private static function pass(CleanUpPass $pass): array
    {
        return [
            'says' => ($pass->rubbed ? 'rub' : 'wipe').' '.
                ($pass->carrier instanceof Carrier ? "with {$pass->carrier->label()}" : 'dry').
                ($pass->afterMinutes > 0 ? ', '.Minutes::inWords($pass->afterMinutes).' after' : ''),
            'afterMinutes' => $pass->afterMinutes,
        ];
    }

    /**
     * What may still follow a step that is done: when it could begin itself is past, and when it could be cleaned too.
     *
     * @return list<FollowUp> in Unix minutes
     */
    private static function windows(Walk $walk, int $index, int $laidAt, FilmClock $clock): array
    {
        $isCleaned = $walk->plan->steps[$index]->cleanUp !== [];

        return array_values(
            array_filter(
                $clock->windows($index, $laidAt),
                static fn (FollowUp $window): bool => $window->kind !== 'begin' &&
                    ! ($window->kind === 'clean-up' && $isCleaned),
            ),
        );
    }

    /**
     * What becomes possible after it, and how it dries, in minutes from its last stroke: so that a clock starts at the
     * press that says that it is done, whether the server is there or not.
     *
     * @return array<string, mixed>
     */
    private static function after(Walk $walk, int $index, int $now, FilmClock $clock): array
    {
        $layer = $walk->layers[$index];
        $times = $walk->times[$index];

        return [
            'cleanedAfter' => $times->end - $times->applied,
            'windows' => array_map(
                static fn (FollowUp $window) => self::from($window, $now),
                self::windows($walk, $index, $now, $clock),
            ),
            'cures' => $layer === null ? null : CureReport::since($clock->curesFrom($layer, $now), $now),
            'sign' => TechniqueLibrary::get($walk->plan->steps[$index]->technique)->cleanUp?->sign,
        ];
    }

    /**
     * When it has to be cleaned, in minutes from the last stroke.
     *
     * @return list<array<string, mixed>> none: never
     */
    private static function cleaning(Walk $walk, int $index, int $now, FilmClock $clock): array
    {
        $windows = [];
        foreach ($walk->plan->steps[$index]->cleanUp === [] ? [] : $clock->windows($index, $now) as $window) {
            if ($walk->layers[$index] !== null && $window->kind === 'clean-up') {
                $windows[] = self::from($window, $now);
            }
        }

        return $windows;
    }

    /** @return array<string, mixed> in minutes from a moment */
    private static function from(FollowUp $window, int $moment): array
    {
        return [
            'kind' => $window->kind,
            'action' => $window->action,
            'soonest' => $window->soonest - $moment,
            'opens' => $window->opens - $moment,
            'bestUntil' => $window->bestUntil === null ? null : $window->bestUntil - $moment,
            'closes' => $window->closes === null ? null : $window->closes - $moment,
        ];
    }

    /** When the last stroke of a step was laid that waits to be cleaned; null: nobody has said so. */
    private static function laid(Walk $walk, Step $step): ?string
    {
        $at = $walk->log->laidAt($step->id);

        return $at === null ? null : TimetableReport::moment($at);
    }

    /** @return array<string, mixed>|null the clock of a step that lies wet until it is cleaned; null: it does not */
    private static function wet(Walk $walk, int $index, int $now, FilmClock $clock): ?array
    {
        $step = $walk->plan->steps[$index];
        $laidAt = $walk->log->laidAt($step->id);
        if ($laidAt === null || $step->cleanUp === [] || $laidAt + self::STALE < $now) {
            return null;
        }
        $windows = array_filter(
            $clock->windows($index, $laidAt),
            static fn (FollowUp $window): bool => $window->kind === 'clean-up',
        );

        return $windows === []
            ? null
            : [
                ...self::named($walk, $index, $laidAt),
                'cures' => null,
                'windows' => array_values(array_map(self::window(...), $windows)),
            ];
    }

    /** @return array<string, mixed> */
    private static function named(Walk $walk, int $index, int $at): array
    {
        $step = $walk->plan->steps[$index];
        $product = $walk->plan->productOf($step);

        return [
            'step' => $step->id,
            'number' => $index + 1,
            'name' => $product->name ?? TechniqueLibrary::get($step->technique)->name,
            'zones' => $step->zones,
            'where' => array_map(static fn (string $zone) => $walk->plan->zones[$zone]->name, $step->zones),
            'doneAt' => TimetableReport::moment($at),
            'sign' => TechniqueLibrary::get($step->technique)->cleanUp?->sign,
            'washUp' => WashUp::after($step, $product),
        ];
    }

    /** @return array<string, string|null> of one in Unix minutes */
    private static function window(FollowUp $window): array
    {
        return [
            'kind' => $window->kind,
            'action' => $window->action,
            'opensSoonest' => TimetableReport::moment($window->soonest),
            'opensAt' => TimetableReport::moment($window->opens),
            'bestUntil' => $window->bestUntil === null ? null : TimetableReport::moment($window->bestUntil),
            'closesAt' => $window->closes === null ? null : TimetableReport::moment($window->closes),
        ];
    }
}
