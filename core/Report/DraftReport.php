<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Chemistry\Carrier;
use Ulvrach\Draft\Budget;
use Ulvrach\Draft\Draft;
use Ulvrach\Draft\Purchase;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\Edit\DescribeBuild;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\Edit\RemoveStep;
use Ulvrach\Plan\Edit\SetSchool;
use Ulvrach\Plan\Plan;
use Ulvrach\PlanFile\EditCodec;
use Ulvrach\PlanFile\PlanWriter;
use Ulvrach\Rules\Severity;
use Ulvrach\Technique\TechniqueLibrary;

/** A draft as plain data, with the edits that make it the plan. */
final class DraftReport
{
    /**
     * @param  Plan  $before  whose steps it takes the place of
     * @return array<string, mixed>
     */
    public static function of(Draft $draft, Plan $before): array
    {
        $verdict = $draft->verdict;
        $steps = [];
        $handsOn = 0;
        foreach ($verdict->plan->steps as $index => $step) {
            $product = $verdict->plan->productOf($step);
            $handsOn += $verdict->walk->times[$index]->handsOn;
            $steps[] = [
                'id' => $step->id,
                'technique' => TechniqueLibrary::get($step->technique)->name,
                'stage' => TechniqueLibrary::get($step->technique)->stage->value,
                'product' => $product?->name,
                'colour' => $product?->material->colour?->toHex(),
                'zones' => $step->zones,
                'why' => $draft->reasons[$step->id] ?? '',
                'minutes' => $verdict->walk->times[$index]->handsOn,
            ];
        }

        return [
            'steps' => $steps,
            'handsOn' => $handsOn,
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
            'edits' => EditCodec::write(self::edits($draft, $before)),
        ];
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
        foreach ($before->steps as $step) {
            $edits[] = new RemoveStep($step->id);
        }
        foreach ($plan->products as $product) {
            $edits[] = new PutProduct($product);
        }
        foreach ($plan->steps as $at => $step) {
            $edits[] = new InsertStep($step, $at);
        }

        return $edits;
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
