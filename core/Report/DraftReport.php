<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Counsel\Draft\Budget;
use Ulvrach\Counsel\Draft\Draft;
use Ulvrach\Counsel\Draft\Purchase;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Undo\UndoAdvisor;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\Edit\DescribeBuild;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\Edit\RemoveStep;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\Edit\SetBench;
use Ulvrach\Plan\Edit\SetSchool;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\File\PlanWriter;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Step;
use Ulvrach\Quantity\Minutes;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** A draft as plain data, with the edits that make it the plan. */
final class DraftReport
{
    /** What it says of how long it takes, where that is not what was asked for; null: it is, or nobody has asked. */
    private static function effort(Plan $plan, int $minutes): ?string
    {
        $ambition = $plan->build->brief?->ambition;
        if ($ambition === null) {
            return null;
        }
        [$from, $to] = $ambition->hours();
        $hours = (int) round($minutes / Minutes::HOUR);
        $wanted = match ($ambition) {
            Ambition::Evening => "An evening is {$from} to {$to} hours at the bench",
            Ambition::Evenings => "A few evenings are {$from} to {$to} hours at the bench",
            Ambition::Weeks => "Some weeks are {$from} to {$to} hours at the bench",
            Ambition::Exhibition => "What is shown takes {$from} hours and more at the bench",
        };

        return match (true) {
            $to !== null && $hours > $to => "{$wanted}; this takes {$hours}.",
            $hours < $from => "{$wanted}; this is ready after {$hours}, and no step was put in to fill them.",
            default => null,
        };
    }

    /**
     * @param  Plan  $before  whose steps it takes the place of
     * @return array<string, mixed>
     */
    public static function of(Draft $draft, Plan $before): array
    {
        $verdict = $draft->verdict;
        $steps = [];
        $handsOn = 0;
        $own = self::kept($before, $verdict->plan);
        foreach ($verdict->plan->steps as $index => $step) {
            $product = $verdict->plan->productOf($step);
            $minutes = $verdict->plan->minutesOf($step, $draft->pace);
            $handsOn += $minutes;
            $steps[] = [
                'id' => $step->id,
                'technique' => TechniqueLibrary::get($step->technique)->name,
                'stage' => TechniqueLibrary::get($step->technique)->stage->value,
                'product' => $product?->name,
                'colour' => $product?->material->colour?->toHex(),
                'zones' => $step->zones,
                'why' => $draft->reasons[$step->id] ?? '',
                'isNew' => ! isset($own[$step->id]),
                'minutes' => $minutes,
                'isLocked' => $step->locked,
                'takenBack' => self::takenBack($verdict->walk, $index),
            ];
        }

        return [
            'steps' => $steps,
            'handsOn' => $handsOn,
            'effort' => self::effort($verdict->plan, $handsOn),
            'lasts' => $verdict->walk->lasts(),
            'stops' => $verdict->count(Severity::Stop),
            'risks' => $verdict->count(Severity::Risk),
            'notes' => $verdict->count(Severity::Note),
            'solvents' => self::solvents($verdict->plan),
            'purchases' => array_map(
                static fn (Purchase $purchase) => [
                    'jar' => PlanWriter::product($purchase->product),
                    'role' => $purchase->role,
                ],
                $draft->purchases,
            ),
            'budgets' => self::budgets($draft),
            'contradictions' => $draft->contradictions,
            'left' => $draft->left,
            'remains' => $draft->remains,
            'room' => self::room($draft, $before),
            'edits' => EditCodec::write(self::edits($draft, $before)),
        ];
    }

    /** @return array<string, mixed>|null the other air that it is drafted for; null: the room does as it is */
    private static function room(Draft $draft, Plan $before): ?array
    {
        [$bench, $was] = [$draft->verdict->plan->bench, $before->bench];
        if ($draft->room === []) {
            return null;
        }
        $plan = array_filter([
            $bench->temperatureC === $was->temperatureC ? null : round($bench->temperatureC).' °C',
            $bench->humidityPercent === $was->humidityPercent ? null : round($bench->humidityPercent).' % humidity',
        ]);

        return [
            'happens' => implode(' ', $draft->room),
            'plan' => implode(' and ', $plan),
            'edits' => EditCodec::write([new SetBench($bench)]),
        ];
    }

    /** @return string|null until when a step can be undone without harm below; null: it leaves nothing to undo */
    private static function takenBack(Walk $walk, int $step): ?string
    {
        $ways = UndoAdvisor::of($walk, $step);
        if ($ways === []) {
            return null;
        }
        ['open' => $isOpen, 'until' => $until] = UndoAdvisor::adjustable($ways);

        return match (true) {
            ! $isOpen => 'never',
            $until === null => 'always',
            default => 'soon',
        };
    }

    /** @return list<string> what is smelled at the bench beside water, the mildest first */
    private static function solvents(Plan $plan): array
    {
        $used = [];
        foreach ($plan->steps as $step) {
            $carriers = [
                $plan->productOf($step)?->material->carrier,
                $step->thinner,
                ...array_map(static fn (CleanUpPass $pass) => $pass->carrier, $step->cleanUp),
            ];
            foreach ($carriers as $carrier) {
                $used[$carrier->value ?? ''] = true;
            }
        }
        $isUsed = static fn (Carrier $carrier) => isset($used[$carrier->value]) &&
            ! in_array($carrier, [Carrier::Water, Carrier::WettedWater], true);

        return array_values(array_map(
            static fn (Carrier $carrier) => $carrier->label(),
            array_filter(Carrier::cases(), $isUsed),
        ));
    }

    /** @return list<PlanEdit> that make the draft the plan */
    private static function edits(Draft $draft, Plan $before): array
    {
        $plan = $draft->verdict->plan;
        $edits = [new DescribeBuild($plan->build), new SetSchool($plan->school)];
        $kept = self::kept($before, $plan);
        foreach ($before->steps as $step) {
            $edits = [...$edits, ...(isset($kept[$step->id]) ? [] : [new RemoveStep($step->id)])];
        }
        foreach ($plan->products as $product) {
            if (($before->products[$product->id] ?? null) != $product) {
                $edits[] = new PutProduct($product);
            }
        }
        foreach ($plan->steps as $at => $step) {
            if (! isset($kept[$step->id])) {
                $edits[] = new InsertStep($step, $at);
            } elseif ($kept[$step->id] != $step) {
                $edits[] = new ReplaceStep($step);
            }
        }

        return $edits;
    }

    /** @return array<string, Step> by id: those that stay where they are among each other; empty: all is laid anew */
    private static function kept(Plan $before, Plan $after): array
    {
        $had = array_column($before->steps, null, 'id');
        $both = array_values(array_intersect(array_column($after->steps, 'id'), array_keys($had)));
        $order = array_values(array_intersect(array_keys($had), $both));

        return $both === $order ? array_intersect_key($had, array_flip($both)) : [];
    }

    /** @return list<array<string, mixed>> by zone */
    private static function budgets(Draft $draft): array
    {
        $zones = [];
        foreach ($draft->budgets as $zone => $budgets) {
            $zones[] = [
                'zone' => (string) $zone,
                'traces' => array_values(array_map(
                    static fn (Budget $budget) => [
                        'trace' => $budget->trace->value,
                        'amount' => $budget->amount,
                        'reason' => $budget->reason,
                        'isOverruled' => $budget->isOverruled,
                    ],
                    $budgets,
                )),
            ];
        }

        return $zones;
    }
}
