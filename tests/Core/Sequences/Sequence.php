<?php

declare(strict_types=1);

namespace Tests\Core\Sequences;

use Tests\Core\Chance;
use Ulvrach\Judgement\Rules\RuleBook;
use Ulvrach\Judgement\Rules\School;
use Ulvrach\Judgement\Rules\SchoolQuestion;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Plan\Acceptance;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\Amount;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\CleanUpPass;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Driving;
use Ulvrach\Plan\Extent;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Log\Measurement;
use Ulvrach\Plan\Log\StepAsItWas;
use Ulvrach\Plan\Log\Trial;
use Ulvrach\Plan\Merge;
use Ulvrach\Plan\Panel;
use Ulvrach\Plan\Pattern;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Pose;
use Ulvrach\Plan\Scheme;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\SittingWish;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Story;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\Traffic;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Plan\Weather;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Stuff\Drying\OwnTimes;
use Ulvrach\Stuff\Drying\Season;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\StarterShelf;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Stage;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * Well-formed plans as nobody would paint them: any technique of the library after any other, every optional field set
 * or left out by chance, and a log that is done half. What reads a plan must cope with all of them.
 */
final class Sequence
{
    /** A moment in the middle of nowhere, Unix minute. */
    public const NOW = 29_000_000;

    private readonly Chance $chance;

    /** @var array<string, Product> by id */
    private array $products = [];

    private function __construct(int $seed)
    {
        $this->chance = new Chance($seed);
    }

    public static function make(int $seed): PlanFile
    {
        return (new self($seed))->file();
    }

    private function file(): PlanFile
    {
        $zones = $this->zones();
        $techniques = array_values(TechniqueLibrary::all());
        // Half of them in the order of work, as people lay them; half in any order.
        $chosen = [];
        for ($left = $this->chance->number(0, 18); $left > 0; $left--) {
            $chosen[] = $this->chance->one($techniques);
        }
        if ($this->chance->once(2)) {
            $stages = array_flip(array_column(Stage::cases(), 'value'));
            usort(
                $chosen,
                static fn (Technique $a, Technique $b) => $stages[$a->stage->value] <=> $stages[$b->stage->value],
            );
        }
        $steps = [];
        foreach ($chosen as $index => $technique) {
            $steps[] = $this->step("step-{$index}", $technique, $zones, array_column($steps, 'id'));
        }
        $plan = new Plan($this->build($zones), $this->school(), $this->bench(), $zones, $this->products, $steps);

        return new PlanFile($plan, $this->log($plan));
    }

    /** @return non-empty-array<string, Zone> */
    private function zones(): array
    {
        $zones = [];
        for ($count = $this->chance->number(1, 5); $count > 0; $count--) {
            $id = "zone-{$count}";
            $panels = $this->chance->once(3)
                ? array_map(static fn (int $at) => "{$id}-panel-{$at}", range(1, $this->chance->number(1, 4)))
                : [];
            $zones[$id] = new Zone(
                $id,
                "Zone {$count}",
                $this->chance->one(ZoneKind::cases()),
                $this->chance->one([0.1, 1.0, 8.5, 40.0, 75.0, 260.0]),
                $this->chance->one(Substrate::cases()),
                $this->chance->one(DepictedMaterial::cases()),
                $this->chance->one(Traffic::cases()),
                $this->chance->once(3),
                array_map(
                    fn (string $panel) => new Panel(
                        $panel,
                        "Panel {$panel}",
                        $this->chance->some(array_values(array_diff($panels, [$panel])), 0, 2),
                    ),
                    $panels,
                ),
            );
        }

        return $zones;
    }

    /**
     * @param  array<string, Zone>  $zones
     * @param  list<string>  $before  ids of the steps that there are already
     */
    private function step(string $id, Technique $technique, array $zones, array $before): Step
    {
        $isPlain = $this->chance->once(3);
        $least = $this->chance->once(20) ? 0 : 1;

        return new Step(
            id: $id,
            technique: $technique->code,
            product: $technique->takesProduct() ? $this->product($technique) : null,
            zones: $this->chance->some(array_map(strval(...), array_keys($zones)), $least, count($zones)),
            coats: $isPlain ? $technique->coats : $this->chance->number(1, 6),
            application: $isPlain ? $technique->application : $this->chance->one(Application::cases()),
            thinner: $isPlain ? null : $this->chance->one([null, ...Carrier::cases()]),
            cleanUp: $isPlain ? [] : $this->passes(),
            waitMinutes: $this->chance->one([null, null, 0, 3, 20, 240, 1440, 9000]),
            note: $this->chance->one(['', 'As on the photograph “3”.']),
            accepted: $this->chance->once(8)
                ? [new Acceptance($this->chance->one(array_keys(RuleBook::ofAll()->rules)), 'It is wanted so.')]
                : [],
            load: $isPlain ? null : $this->chance->one([null, ...Load::cases()]),
            extent: $isPlain ? null : $this->extent($zones),
            merge: match (true) {
                $isPlain || $this->chance->once(2) => null,
                $before === [] || $this->chance->once(3) => new Merge(null),
                default => new Merge($this->chance->one($before)),
            },
            sitting: $this->chance->one([null, null, null, ...SittingWish::cases()]),
            amount: $this->chance->one([null, null, null, ...Amount::cases()]),
            thinnerShare: $this->chance->one([null, null, null, 0, 50, 95]),
            locked: $this->chance->once(6),
        );
    }

    /** @return list<CleanUpPass> in the order of their minutes */
    private function passes(): array
    {
        $after = 0;
        $passes = [];
        for ($left = $this->chance->one([0, 0, 1, 2, 3]); $left > 0; $left--) {
            $carrier = $this->chance->one([null, ...Carrier::cases()]);
            $after += $this->chance->one([0, 5, 20, 90, 2000]);
            $passes[] = new CleanUpPass($carrier, $this->chance->once(2), $after);
        }

        return $passes;
    }

    /** @param  array<string, Zone>  $zones */
    private function extent(array $zones): ?Extent
    {
        $panels = [];
        foreach ($zones as $zone) {
            array_push($panels, ...array_column($zone->panels, 'id'));
        }
        $extent = new Extent(
            $this->chance->one([null, 1, 8, 25, 60, 100]),
            $this->chance->some(Place::cases(), 0, 3),
            $this->chance->once(3) ? $this->chance->some($panels, 0, 3) : [],
            $this->chance->once(4) ? $this->chance->one(Pattern::cases()) : null,
        );

        return $extent->isUsual() ? null : $extent;
    }

    /** One of the starter shelf, or one as no shelf has it. */
    private function product(Technique $technique): string
    {
        $fitting = array_values(
            array_filter(StarterShelf::all(), static fn (Product $one) => $technique->accepts($one->material->family)),
        );
        $product = $fitting !== [] && ! $this->chance->once(3)
            ? $this->chance->one($fitting)
            : new Product(
                'jar-'.count($this->products),
                'A jar',
                $this->material($this->chance->one($technique->families)),
            );
        $this->products[$product->id] = $product;

        return $product->id;
    }

    private function material(BinderFamily $family): Material
    {
        $from = $this->chance->number(1, 600);

        return new Material(
            family: $family,
            carrier: $this->chance->one([null, ...Carrier::cases()]),
            sheen: $this->chance->one([null, ...Sheen::cases()]),
            colour: $this->chance->once(4) ? null : $this->chance->colour(),
            opacity: $this->chance->one([null, 0.0, 0.05, 0.3, 0.85, 1.0]),
            times: $this->chance->once(5)
                ? new OwnTimes(
                    [$from, $from + 10],
                    $this->chance->one([null, [$from + 20, $from + 60]]),
                    $this->chance->one([null, [$from + 900, $from + 2000]]),
                    'label',
                )
                : null,
            metallic: $this->chance->once(6),
        );
    }

    /** @param  array<string, Zone>  $zones */
    private function build(array $zones): Build
    {
        return new Build(
            name: 'Pell',
            vehicle: 'Pell scout car',
            kind: $this->chance->one(VehicleKind::cases()),
            scale: $this->chance->one([4, 8, 16, 35, 48, 72, 144]),
            story: $this->chance->one(['', 'Two winters on the coast road.']),
            serviceMonths: $this->chance->one([null, 0, 1, 6, 24, 240, 1200]),
            terrain: $this->chance->one([null, ...Terrain::cases()]),
            due: $this->chance->one([null, null, '2025-03-01', '2031-12-24']),
            brief: $this->chance->once(2) ? null : self::story($this->chance, $zones),
        );
    }

    /** @param  array<string, Zone>  $zones */
    public static function story(Chance $chance, array $zones): Story
    {
        $overrules = [];
        foreach ($chance->some(array_map(strval(...), array_keys($zones)), 0, 2) as $zone) {
            $overrules[$zone]['chips'] = $chance->number(0, 4) / 4;
        }

        return new Story(
            base: $chance->colour(),
            scheme: $chance->one(Scheme::cases()),
            more: array_map(static fn () => $chance->colour(), range(1, $chance->number(1, 3))),
            season: $chance->one(Season::cases()),
            weather: $chance->one(Weather::cases()),
            driving: $chance->one(Driving::cases()),
            hasMarkings: $chance->once(2),
            ambition: $chance->one(Ambition::cases()),
            isExpressive: $chance->one([null, true, false]),
            overrules: $overrules,
            pose: $chance->one(Pose::cases()),
        );
    }

    private function school(): SchoolChoice
    {
        $from = $this->chance->one(array_keys(School::all()));
        if ($this->chance->once(2)) {
            return new SchoolChoice($from);
        }
        $answers = $severities = [];
        foreach ($this->chance->some(array_values(SchoolQuestion::all()), 0, 4) as $question) {
            $answers[$question->code] = $this->chance->one(array_keys($question->options));
        }
        foreach ($this->chance->some(array_keys(RuleBook::ofAll()->rules), 0, 3) as $rule) {
            $severities[$rule] = $this->chance->one([null, ...array_column(Severity::cases(), 'value')]);
        }

        return new SchoolChoice($from, 'Mine', $answers, $severities);
    }

    private function bench(): BenchConditions
    {
        return new BenchConditions(
            $this->chance->one([5.0, 9.5, 20.0, 34.5]),
            $this->chance->one([12.0, 50.0, 71.0, 95.0]),
            $this->chance->once(2),
            $this->chance->one([null, null, 30.0, 45.0]),
        );
    }

    /** Done half: with gaps, out of order, corrected, in air of its own. */
    private function log(Plan $plan): Log
    {
        $entries = [];
        $at = self::NOW - $this->chance->one([60, 3000, 50_000]);
        if ($plan->steps === [] || $this->chance->once(2)) {
            return new Log();
        }
        for ($left = $this->chance->number(1, 20); $left > 0; $left--) {
            $at += $this->chance->one([-30, 0, 4, 40, 700]);
            $step = $this->chance->once(6) ? null : $this->chance->one($plan->steps);
            $kind = $this->chance->one([EntryKind::Finished, EntryKind::Begun, ...EntryKind::cases()]);
            $corrects = $entries !== [] && ($kind === EntryKind::Withdrawn || $this->chance->once(8))
                ? $this->chance->one($entries)->id
                : null;
            if ($kind === EntryKind::Withdrawn && $corrects === null) {
                continue;
            }
            $entries[] = new Entry(
                id: sprintf('10000000-0000-4000-8000-%012d', count($entries)),
                kind: $kind,
                at: $at,
                stepId: $step?->id,
                step: $step === null ? null : StepAsItWas::of($step, $plan),
                corrects: $corrects,
                text: $this->chance->one(['', 'It went well.']),
                trial: $kind === EntryKind::Trial
                    ? new Trial('wash-on-matte', 'spoon', $this->chance->number(0, 40), $this->chance->once(2))
                    : null,
                air: $this->chance->once(3) ? new Measurement(18.5, 44.0) : null,
            );
        }

        return new Log($entries);
    }
}
