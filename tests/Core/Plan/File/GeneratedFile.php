<?php

declare(strict_types=1);

namespace Tests\Core\Plan\File;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Acceptance;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Edit\AddStep;
use Ulvrach\Plan\Edit\ChangeTechnique;
use Ulvrach\Plan\Edit\DescribeBuild;
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
use Ulvrach\Plan\Extent;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Log\Measurement;
use Ulvrach\Plan\Log\StepAsItWas;
use Ulvrach\Plan\Log\Trial;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\Traffic;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Stuff\Drying\OwnTimes;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** Plan files from a seed in which every field is set, and hardly ever to what a reader would assume. */
final class GeneratedFile
{
    private function __construct(private int $state)
    {
    }

    public static function make(int $seed): PlanFile
    {
        return (new self($seed * 7919 + 1))->file();
    }

    /** @return list<PlanEdit> one of each kind */
    public static function edits(int $seed): array
    {
        $made = new self($seed * 104_729 + 3);
        $plan = $made->file()->plan;

        return [
            new AddStep('added', 'prime', $made->below(5), ['zone-a']),
            new ChangeTechnique('step-0', 'brush-colour'),
            new InsertStep($plan->steps[0], $made->below(5)),
            new RemoveStep('step-1'),
            new MoveStep('step-2', $made->below(5)),
            new ReplaceStep($plan->steps[1]),
            new PutProduct($plan->products['jar']),
            new RemoveProduct('clear'),
            new PutZone($plan->zones['zone-b']),
            new RemoveZone('zone-a'),
            new DescribeBuild($plan->build),
            new SetSchool($plan->school),
            new SetBench($plan->bench),
        ];
    }

    private function file(): PlanFile
    {
        $plan = $this->plan();
        $entries = [];
        foreach (EntryKind::cases() as $count => $kind) {
            $entries[] = new Entry(
                id: sprintf('10000000-0000-4000-8000-%012d', $count),
                kind: $kind,
                at: 29_000_000 + $this->below(100_000),
                stepId: $this->below(4) === 0 ? null : 'step-1',
                step: $this->below(4) === 0 ? null : StepAsItWas::of($plan->steps[$this->below(3)], $plan),
                corrects: $count === 0 ? null : sprintf('10000000-0000-4000-8000-%012d', $count - 1),
                text: "It went “well” {$count}.",
                trial: $kind !== EntryKind::Trial
                    ? null
                    : new Trial('wash-on-matte', 'spoon', $this->below(40), $this->below(2) === 0),
                air: new Measurement(18.5 + $this->below(8), 41.25 + $this->below(30)),
            );
        }

        return new PlanFile($plan, new Log($entries));
    }

    private function plan(): Plan
    {
        $zones = [];
        foreach (['zone-a', 'zone-b', 'zone-c'] as $id) {
            $zones[$id] = new Zone(
                id: $id,
                name: "Zone “{$id}”",
                kind: $this->one(ZoneKind::cases()),
                areaCm2: 0.5 + $this->below(4000) / 8,
                substrate: $this->one(Substrate::cases()),
                depicts: $this->one(DepictedMaterial::cases()),
                traffic: $this->one([Traffic::None, Traffic::Heavy]),
                sheltered: true,
            );
        }
        $products = [
            'jar' => new Product(
                id: 'jar',
                name: 'A jar',
                material: new Material(
                    family: BinderFamily::WaterborneAcrylic,
                    carrier: $this->one(Carrier::cases()),
                    sheen: $this->one(Sheen::cases()),
                    colour: Lab::fromHex(sprintf('#%06x', $this->below(0x1000000))),
                    opacity: $this->below(8) / 8,
                    times: new OwnTimes(
                        touchDry: [5, 10 + $this->below(20)],
                        recoatable: $this->below(2) === 0 ? null : [30, 45],
                        solventProof: [700, 1400 + $this->below(500)],
                        source: 'label',
                    ),
                ),
            ),
            'clear' => new Product('clear', 'A clear', new Material(BinderFamily::Lacquer, null, null, null)),
        ];
        $steps = [];
        foreach (['spray-colour', 'prime', 'brush-colour'] as $count => $technique) {
            $steps[] = new Step(
                id: "step-{$count}",
                technique: $technique,
                product: 'jar',
                zones: ['zone-c', 'zone-a'],
                coats: TechniqueLibrary::get($technique)->coats + 1 + $this->below(4),
                application: $this->one(
                    array_values(
                        array_filter(
                            Application::cases(),
                            static fn (Application $by) => $by !== TechniqueLibrary::get($technique)->application,
                        ),
                    ),
                ),
                thinner: $this->one(Carrier::cases()),
                cleanUp: [
                    new CleanUpPass(null, false, $this->below(60)),
                    new CleanUpPass($this->one(Carrier::cases()), true, 60 + $this->below(60)),
                ],
                waitMinutes: $this->below(5000),
                load: $this->one(Load::cases()),
                extent: new Extent(1 + $this->below(90), [$this->one(Place::cases())]),
                note: "Note {$count}",
                accepted: [new Acceptance('wash-on-matte', 'It is wanted.')],
            );
        }

        return new Plan(
            build: new Build(
                name: 'Pell',
                vehicle: 'Pell scout car',
                kind: $this->one(VehicleKind::cases()),
                scale: 48 + $this->below(24),
                story: 'A story.',
                serviceMonths: 1 + $this->below(30),
                terrain: $this->one(Terrain::cases()),
                due: '2026-12-24',
                form: ['length' => 4000 + $this->below(900), 'skirts' => $this->below(2)],
            ),
            school: new SchoolChoice('clean-air', 'Mine', ['dust' => 'pigments'], ['wash-on-matte' => null]),
            bench: new BenchConditions(12.5 + $this->below(10), 61.0 + $this->below(20), true, 40.0),
            zones: $zones,
            products: $products,
            steps: $steps,
        );
    }

    private function below(int $limit): int
    {
        $this->state = ($this->state * 1_103_515_245 + 12_345) & 0x7FFFFFFF;

        return intdiv($this->state, 64) % $limit;
    }

    /**
     * @template T
     *
     * @param  list<T>  $cases
     * @return T
     */
    private function one(array $cases): mixed
    {
        return $cases[$this->below(count($cases))];
    }
}
