<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Counsel\Draft\Draft;
use Ulvrach\Counsel\Draft\Purchase;
use Ulvrach\Judgement\Rules\Verdict;
use Ulvrach\Light\Colour\InWords;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Finish\Enough;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Supply\Takes;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** A plan as text to be read at the bench: step by step, with what, where, how, how long, and why. */
final class BenchSheet
{
    /** Zones that are named one by one. */
    private const NAMED = 5;

    /** CIEDE2000 from the face from which a place has a look of its own. */
    private const TOLD = 5.0;

    /** ml */
    private const A_DROP = 0.05;

    /**
     * The plan as a draft hands it over: with its look, what to have ready and to buy, and what was given up.
     *
     * @param  bool  $isShelfKnown  whether somebody has said which jars there are
     */
    public static function ofDraft(Draft $draft, bool $isShelfKnown): string
    {
        $walk = $draft->verdict->walk;
        [$head, $steps] = explode("\n## ", self::of($walk), 2) + [1 => ''];
        $said = [
            'The look' => self::look($draft->verdict),
            'Have ready' => self::ready($walk),
            'To buy' => ! $isShelfKnown ? [] : array_map(
                static fn (Purchase $purchase) => "{$purchase->product->name}".
                    ($purchase->product->material->colour === null
                        ? ''
                        : ', '.InWords::named($purchase->product->material->colour)).
                    ', for: '.lcfirst($purchase->role),
                $draft->purchases,
            ),
            'Given up, and why' => [...$draft->left, ...$draft->remains, ...$draft->contradictions],
        ];
        $parts = [rtrim($head)];
        foreach ($said as $title => $lines) {
            if ($lines !== []) {
                $parts[] = "## {$title}\n\n".implode("\n", array_map(static fn (string $line) => "- {$line}", $lines));
            }
        }

        return implode("\n\n", $parts)."\n\n## {$steps}";
    }

    /** @return list<string> zones that end alike together: what is seen of them when all is done */
    private static function look(Verdict $verdict): array
    {
        $alike = [];
        foreach ($verdict->plan->zones as $zone) {
            $end = $verdict->forecast->atEnd($zone->id);
            $face = $end->of(Spot::Face);
            $says = [InWords::named($face).' '.$face->toHex()];
            foreach ([[Spot::Recess, 'lines'], [Spot::Lower, 'low down'], [Spot::Edge, 'edges']] as [$spot, $where]) {
                $seen = $end->of($spot);
                if ($seen->differenceTo($face) >= self::TOLD) {
                    $says[] = "{$where} ".InWords::named($seen).' '.$seen->toHex();
                }
            }
            foreach ($end->made() as [$spot, $step, $colour]) {
                $says[] = self::marks($spot, TechniqueLibrary::get($verdict->plan->steps[$step]->technique)).' '.
                    InWords::named($colour);
            }
            $alike[implode(', ', array_unique($says))][] = $zone->name;
        }

        return array_map(
            static fn (string $says, array $names) => implode(', ', $names).": {$says}.",
            array_keys($alike),
            array_values($alike),
        );
    }

    private static function marks(Spot $spot, Technique $technique): string
    {
        return match ($spot) {
            Spot::Patch => 'patches',
            Spot::Chip => 'chips',
            Spot::Marking => 'markings',
            default => mb_strtolower($technique->name),
        };
    }

    /** @return list<string> what each jar gives, over all steps, with its thinner */
    private static function ready(Walk $walk): array
    {
        $jars = [];
        foreach (Takes::of($walk->plan) as $take) {
            $jars[$take->product->name] ??= [0.0, 0.0, null];
            $jars[$take->product->name][0] += $take->jarMl;
            $jars[$take->product->name][1] += $take->thinnerMl;
            $jars[$take->product->name][2] ??= $take->thinner;
        }

        return array_map(
            static fn (string $name, array $of) => "{$name}, ".self::ml($of[0]).
                ($of[2] === null || $of[1] < self::A_DROP ? '' : ', and '.self::ml($of[1])." of {$of[2]->label()}"),
            array_keys($jars),
            array_values($jars),
        );
    }

    /** Small amounts as they are measured out: in drops of a twentieth of a millilitre. */
    private static function ml(float $ml): string
    {
        $drops = max(1, (int) round($ml / self::A_DROP));

        return $ml < 1.0 ? "{$drops} ".($drops === 1 ? 'drop' : 'drops') : sprintf('%.1f ml', $ml);
    }

    public static function of(Walk $walk): string
    {
        $plan = $walk->plan;
        $build = $plan->build;
        $lines = ["# {$build->name}", ''];
        $facts = array_filter([
            $build->vehicle,
            "1:{$build->scale}",
            $build->serviceMonths === null ? '' : "{$build->serviceMonths} months in service",
            $build->terrain?->label() ?? '',
        ]);
        array_push($lines, implode(', ', $facts).'.', '');
        $handsOn = 0;
        foreach ($plan->steps as $index => $step) {
            $handsOn += $walk->times[$index]->handsOn;
        }
        $count = count($plan->steps);
        $lines[] = "{$count} steps, ".Minutes::inWords($handsOn).' of work, '.Minutes::inWords($walk->lasts()).
            ' from the first to the last.';
        $part = null;
        $told = [];
        foreach ($plan->steps as $index => $step) {
            $technique = TechniqueLibrary::get($step->technique);
            $its = $technique->stage->part();
            if ($its !== null && $its !== $part) {
                $part = $its;
                array_push($lines, '', "## {$part}", '');
            }
            $product = $plan->productOf($step);
            $number = $index + 1;
            $lines[] = "{$number}. **{$technique->name}**".($product === null ? '' : " with {$product->name}").
                ': '.self::where($walk, $step).'. '.self::how($walk, $step, $index);
            if ($step->note !== '') {
                $lines[] = "   {$step->note}";
            }
            $enough = str_contains($step->note, 'Enough is') ? null : Enough::ofStep($walk, $index);
            if ($enough !== null) {
                $lines[] = "   {$enough}";
            }
            $hint = self::hint($technique, $told);
            if ($hint !== null) {
                $lines[] = "   {$hint}";
            }
            $rest = self::rest($walk, $index);
            if ($rest !== null) {
                $lines[] = "   *{$rest}*";
            }
        }

        return implode("\n", $lines)."\n";
    }

    /**
     * What to look for and what to mind, said once of each technique.
     *
     * @param  array<string, true>  $told
     */
    private static function hint(Technique $technique, array &$told): ?string
    {
        if (isset($told[$technique->code])) {
            return null;
        }
        $told[$technique->code] = true;
        $sign = $technique->practice->signs[0] ?? null;
        $mind = $technique->practice->cautions[0] ?? null;
        $says = trim(($sign === null ? '' : 'Look for: '.rtrim($sign, '.').'. ').($mind ?? ''));

        return $says === '' ? null : $says;
    }

    /** How long it is left alone before the next step, as it is lived; null: one goes on. */
    private static function rest(Walk $walk, int $index): ?string
    {
        $next = $walk->times[$index + 1] ?? null;
        $minutes = $next === null ? 0 : $next->start - $walk->times[$index]->end;

        return match (true) {
            $minutes < 5 => null,
            $minutes <= 240 => 'Then leave it for '.Minutes::inWords($minutes).'.',
            $minutes <= 900 => 'Then leave it overnight.',
            $minutes <= 2340 => 'Then leave it for a night and a day.',
            default => 'Then leave it for '.(int) round($minutes / 1440).' days.',
        };
    }

    private static function where(Walk $walk, Step $step): string
    {
        $names = array_map(static fn (string $zone) => $walk->plan->zones[$zone]->name, $step->zones);
        $left = array_values(array_diff(array_keys($walk->plan->zones), $step->zones));

        return match (true) {
            count($names) <= self::NAMED => implode(', ', $names),
            $left === [] => 'everywhere',
            count($left) <= self::NAMED => 'all but '.implode(', ', array_map(
                static fn (string $zone) => mb_strtolower($walk->plan->zones[$zone]->name),
                $left,
            )),
            default => implode(', ', $names),
        };
    }

    private static function how(Walk $walk, Step $step, int $index): string
    {
        $times = $walk->times[$index];
        $said = [Minutes::inWords($times->handsOn).' of work'];
        if ($step->amount !== null) {
            $said[] = $step->amount->label();
        }
        if ($step->extent?->share !== null) {
            $said[] = "on some {$step->extent->share} % of it";
        }
        if (($step->extent->places ?? []) !== []) {
            $places = array_map(static fn (Place $place) => $place->label(), $step->extent->places ?? []);
            $said[] = 'at '.implode(' and ', $places);
        }
        if ($step->thinnerShare !== null) {
            $said[] = "{$step->thinnerShare} % thinner";
        }
        if ($step->load === Load::Mist || $step->load === Load::Flood) {
            $said[] = "as {$step->load->label()}";
        }
        if ($step->coats > 1) {
            $said[] = "{$step->coats} coats";
        }
        if ($step->waitMinutes !== null && $step->waitMinutes > 0) {
            $said[] = 'after '.Minutes::inWords($step->waitMinutes);
        }
        foreach ($step->cleanUp as $pass) {
            $said[] = self::cleaned($pass);
        }

        return ucfirst(implode('; ', $said)).'.';
    }

    private static function cleaned(CleanUpPass $pass): string
    {
        $carrier = $pass->carrier;

        return 'cleaned '.($carrier instanceof Carrier ? "with {$carrier->label()}" : 'dry').
            ($pass->afterMinutes > 0 ? ' after '.Minutes::inWords($pass->afterMinutes) : '');
    }
}
