<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

use Ulvrach\Plan\Edit\AddStep;
use Ulvrach\Plan\Edit\ChangeTechnique;
use Ulvrach\Plan\Edit\DescribeBuild;
use Ulvrach\Plan\Edit\EditRefused;
use Ulvrach\Plan\Edit\InsertStep;
use Ulvrach\Plan\Edit\MoveStep;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Edit\PutProduct;
use Ulvrach\Plan\Edit\PutZone;
use Ulvrach\Plan\Edit\RemoveProduct;
use Ulvrach\Plan\Edit\RemoveStep;
use Ulvrach\Plan\Edit\RemoveZone;
use Ulvrach\Plan\Edit\ReplaceStep;
use Ulvrach\Plan\Edit\SetBench;
use Ulvrach\Plan\Edit\SetSchool;
use Ulvrach\Plan\Fault;
use Ulvrach\Plan\Merge;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Material\Shelf;

/**
 * Edits as JSON, both ways: what a browser posts, and what a remedy offers.
 *
 * @phpstan-import-type StepData from PlanReader
 * @phpstan-import-type MergeData from PlanReader
 * @phpstan-import-type ProductData from PlanReader
 * @phpstan-import-type ZoneData from PlanReader
 * @phpstan-import-type BuildData from PlanReader
 * @phpstan-import-type SchoolData from PlanReader
 * @phpstan-import-type BenchData from PlanReader
 */
final class EditCodec
{
    /**
     * @param  mixed  $data  decoded JSON with objects as stdClass
     * @param  Shelf|null  $own  the jars of the person who edits, for steps that need a product
     * @return non-empty-list<PlanEdit>
     *
     * @throws BadPlanFile paths start at the list: "/0/step/coats"
     */
    public static function read(mixed $data, ?Shelf $own = null): array
    {
        $faults = SchemaCheck::faults($data, SchemaCheck::EDITS);
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }
        /** @var non-empty-list<array<string, mixed>> $list */
        $list = Json::toArrays($data);

        return array_map(static fn (array $edit) => self::one($edit, $own), $list);
    }

    /**
     * @param  list<PlanEdit>  $edits
     *
     * @throws BadPlanFile paths start at the list, as in read()
     */
    public static function apply(array $edits, Plan $plan): Plan
    {
        $had = count($plan->zones);
        foreach ($edits as $at => $edit) {
            try {
                $plan = $edit->applyTo($plan);
            } catch (EditRefused $refused) {
                throw new BadPlanFile(
                    array_map(
                        static fn (Fault $fault) => new Fault("/{$at}{$fault->path}", $fault->message),
                        $refused->faults,
                    ),
                );
            }
        }
        if ($plan->zones === [] && $had > 0) {
            throw new BadPlanFile([
                new Fault('/'.(count($edits) - 1).'/id', 'A plan has at least one zone: put another one in first.'),
            ]);
        }

        return $plan;
    }

    /**
     * @param  list<PlanEdit>  $edits
     * @return list<array<string, mixed>>
     */
    public static function write(array $edits): array
    {
        return array_map(
            static fn (PlanEdit $edit): array => match (true) {
                $edit instanceof AddStep => [
                    'edit' => 'add-step',
                    'id' => $edit->id,
                    'technique' => $edit->technique,
                    'at' => $edit->at,
                    'zones' => $edit->zones,
                    'with' => $edit->product,
                    'merge' => $edit->merge === null ? null : ['into' => $edit->merge->into],
                ],
                $edit instanceof ChangeTechnique => [
                    'edit' => 'change-technique',
                    'id' => $edit->id,
                    'technique' => $edit->technique,
                ],
                $edit instanceof InsertStep => [
                    'edit' => 'insert-step',
                    'step' => PlanWriter::step($edit->step),
                    'at' => $edit->at,
                ],
                $edit instanceof RemoveStep => ['edit' => 'remove-step', 'id' => $edit->id],
                $edit instanceof MoveStep => ['edit' => 'move-step', 'id' => $edit->id, 'to' => $edit->to],
                $edit instanceof ReplaceStep => ['edit' => 'replace-step', 'step' => PlanWriter::step($edit->step)],
                $edit instanceof PutProduct => [
                    'edit' => 'put-product',
                    'product' => PlanWriter::product($edit->product),
                ],
                $edit instanceof RemoveProduct => ['edit' => 'remove-product', 'id' => $edit->id],
                $edit instanceof PutZone => ['edit' => 'put-zone', 'zone' => PlanWriter::zone($edit->zone)],
                $edit instanceof RemoveZone => ['edit' => 'remove-zone', 'id' => $edit->id],
                $edit instanceof DescribeBuild => [
                    'edit' => 'describe-build',
                    'build' => PlanWriter::build($edit->build),
                ],
                $edit instanceof SetSchool => ['edit' => 'set-school', 'school' => PlanWriter::school($edit->school)],
                $edit instanceof SetBench => ['edit' => 'set-bench', 'bench' => PlanWriter::bench($edit->bench)],
                default => throw new \LogicException('An edit without a written form: '.$edit::class),
            },
            $edits,
        );
    }

    /** @param  array<string, mixed>  $data */
    private static function one(array $data, ?Shelf $own): PlanEdit
    {
        /**
         * @var array{
         *   edit: string,
         *   id: string,
         *   technique: string,
         *   zones?: list<string>|null,
         *   with?: string|null,
         *   merge?: MergeData|null,
         *   at: int|float,
         *   to: int|float,
         *   school: SchoolData,
         *   step: StepData,
         *   product: ProductData,
         *   zone: ZoneData,
         *   build: BuildData,
         *   bench: BenchData,
         * } $data
         */
        return match ($data['edit']) {
            'add-step' => new AddStep(
                $data['id'],
                $data['technique'],
                (int) $data['at'],
                $data['zones'] ?? null,
                $own,
                $data['with'] ?? null,
                isset($data['merge']) ? new Merge($data['merge']['into']) : null,
            ),
            'change-technique' => new ChangeTechnique($data['id'], $data['technique'], $own),
            'insert-step' => new InsertStep(PlanReader::step($data['step']), (int) $data['at']),
            'remove-step' => new RemoveStep($data['id']),
            'move-step' => new MoveStep($data['id'], (int) $data['to']),
            'replace-step' => new ReplaceStep(PlanReader::step($data['step'])),
            'put-product' => new PutProduct(PlanReader::product($data['product'])),
            'remove-product' => new RemoveProduct($data['id']),
            'put-zone' => new PutZone(PlanReader::zone($data['zone'])),
            'remove-zone' => new RemoveZone($data['id']),
            'describe-build' => new DescribeBuild(PlanReader::build($data['build'])),
            'set-school' => new SetSchool(PlanReader::school($data['school'])),
            'set-bench' => new SetBench(PlanReader::bench($data['bench'])),
            default => throw new \LogicException("The schema let an unknown edit through: {$data['edit']}"),
        };
    }
}
