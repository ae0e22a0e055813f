<?php

declare(strict_types=1);

use Tests\Core\Chance;
use Tests\Core\Counsel\Draft\DraftKit;
use Tests\Thorough;
use Ulvrach\Counsel\Draft\Draft;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Counsel\Draft\Internal\Brief;
use Ulvrach\Counsel\Draft\Internal\Laying;
use Ulvrach\Counsel\Draft\Internal\Mending;
use Ulvrach\Counsel\Draft\Trace;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\School;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Driving;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Scheme;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Story;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\Traffic;
use Ulvrach\Plan\Weather;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Drying\Season;
use Ulvrach\Stuff\Material\ProductShelf;
use Ulvrach\Stuff\Material\StarterShelf;
use Ulvrach\Stuff\Technique\Application;

/** What chance makes of a story: the same each time. */
final class StoryChance extends Chance
{
    /** A vehicle of any size, trodden on anywhere. */
    public function plan(): Plan
    {
        $plan = DraftKit::plan(
            $this->one(DraftKit::kinds()),
            $this->one(array_keys(School::all())),
            [$this->one(Terrain::cases()), $this->one([0, 1, 3, 6, 12, 24, 60, 240])],
        );
        $zones = [];
        foreach ($plan->zones as $id => $zone) {
            $zones[$id] = $zone->with(
                areaCm2: $zone->areaCm2 * $this->one([0.3, 1.0, 2.5]),
                traffic: $this->one(Traffic::cases()),
                sheltered: $this->number(0, 1) === 1,
            );
        }

        return $plan->with(zones: $zones);
    }

    /** The same at any scale and in any air. */
    public function inAnyRoom(Plan $plan): Plan
    {
        $scale = $this->one([4, 8, 16, 35, 72, 144]);
        $zones = [];
        foreach ($plan->zones as $id => $zone) {
            $zones[$id] = $zone->with(areaCm2: $zone->areaCm2 * (35 / $scale) ** 2);
        }

        return $plan->with(
            build: $plan->build->with(scale: $scale),
            zones: $zones,
            bench: new BenchConditions(
                $this->one([5.0, 6.0, 8.0, 20.0, 28.0, 34.0]),
                $this->one([15.0, 30.0, 50.0, 75.0, 90.0]),
            ),
        );
    }

    public function story(Plan $plan): Story
    {
        $overrules = [];
        for ($left = $this->number(0, 8); $left > 0; $left--) {
            $zone = $this->one(array_keys($plan->zones));
            $overrules[$zone][$this->one(Trace::cases())->value] = $this->number(0, 4) / 4;
        }
        $scheme = $this->one(Scheme::cases());
        $isMore = in_array($scheme, [Scheme::SoftEdged, Scheme::HardEdged], true);

        return new Story(
            $this->colour(),
            $scheme,
            $isMore ? array_map(fn () => $this->colour(), range(1, $this->number(1, 3))) : [],
            $this->one(Season::cases()),
            $this->one(Weather::cases()),
            $this->one(Driving::cases()),
            $this->number(0, 1) === 1,
            $this->one(Ambition::cases()),
            $this->one([null, true, false]),
            $overrules,
        );
    }

    /** Part of a full shelf, or none that is known. */
    public function shelf(): ?ProductShelf
    {
        $all = DraftKit::shelves()['full']->products ?? [];

        return $this->one([
            null,
            new ProductShelf($this->some($all, 0, count($all))),
        ]);
    }
}

/** @return list<string> */
function graveIn(Draft $draft): array
{
    $grave = array_filter(
        $draft->verdict->findings,
        static fn (Finding $finding) => $finding->severity !== Severity::Note,
    );

    return array_map(static fn (Finding $of) => "{$of->code} {$of->stepId} {$of->happens}", array_values($grave));
}

it('hands over neither stop nor risk, whatever chance makes of a story', function (int $seed) {
    $chance = new StoryChance($seed);
    for ($left = Thorough::times(6, 40); $left > 0; $left--) {
        $plan = $chance->plan();
        $draft = (new Drafter())->draft($plan, $chance->story($plan), $chance->shelf());

        expect(graveIn($draft))->toBe([], "seed {$seed}, {$left} left");
    }
})->with([1, 2, 3, 4]);

it('bears every scale and every room, and says aloud what neither mends nor can be left', function (int $seed) {
    $chance = new StoryChance($seed);
    for ($left = 4; $left > 0; $left--) {
        $plan = $chance->inAnyRoom($chance->plan());
        $draft = (new Drafter())->draft($plan, $chance->story($plan), $chance->shelf());

        expect(graveIn($draft) === [])->toBe($draft->remains === [], "seed {$seed}, {$left} left")
            ->and($draft->verdict->plan->bench == $plan->bench)->toBe($draft->room === [])
            ->and(array_unique($draft->left))->toBe($draft->left);
    }
})->with([18, 39, 170, 264]);

it('says of a cold and damp room once what is wrong with it, and gives up no work for it', function () {
    $story = new Story(Lab::fromHex('#566043'));
    $plan = DraftKit::plan('scout-car', 'sealed-steps', [Terrain::DryEarth, 6]);
    $warm = (new Drafter())->draft($plan, $story);
    $cold = (new Drafter())->draft($plan->with(bench: new BenchConditions(5.0, 85.0)), $story);

    expect($cold->room)->toHaveCount(2)
        ->and($cold->verdict->plan->bench->temperatureC)->toBe(18.0)
        ->and($cold->verdict->plan->bench->humidityPercent)->toBe(60.0)
        ->and(count($cold->verdict->plan->steps))->toBe(count($warm->verdict->plan->steps))
        ->and($cold->left)->toBe($warm->left)
        ->and($warm->room)->toBe([]);
});

it('tells of what remains where it may not mend all of it, each cause once', function () {
    $plan = DraftKit::plan('scout-car', 'sealed-steps', [Terrain::DryEarth, 6]);
    $laying = new Laying($plan, Brief::of($plan, new Story(Lab::fromHex('#566043'))), null);
    $own = array_column(StarterShelf::all(), null, 'id');
    $wash = new Step('wash', 'rust-wash', 'wash-rust', ['tyres'], 1, Application::Brush);
    $laying->plan = $plan->with(
        steps: [$wash, $wash->with(id: 'again', zones: ['canvas'])],
        products: ['wash-rust' => $own['wash-rust']],
    );
    $verdict = (new Mending(most: 0))->mend($laying, null);
    $grave = array_filter($verdict->findings, static fn (Finding $one) => $one->severity !== Severity::Note);

    expect($laying->remains)->toHaveCount(count(array_unique(array_column($grave, 'code'))))
        ->and($laying->remains)->not->toBe([])
        ->and($laying->remains[0])->toStartWith('Step 1: ');
});

it('drafts nothing for a vehicle that has nothing to paint, and mud for one that is never primed', function () {
    $story = new Story(Lab::fromHex('#566043'), weather: Weather::Wet, driving: Driving::Field);
    $plan = DraftKit::plan('lorry', 'sealed-steps', [Terrain::WetClay, 24]);
    $glass = array_filter($plan->zones, static fn (Zone $zone) => $zone->kind === ZoneKind::Glass);

    expect((new Drafter())->draft($plan->with(zones: []), $story)->verdict->plan->steps)->toBe([])
        ->and((new Drafter())->draft($plan->with(zones: $glass), $story)->verdict->findings)->toBe([]);
});
