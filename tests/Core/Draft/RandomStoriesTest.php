<?php

declare(strict_types=1);

use Tests\Core\Chance;
use Tests\Core\Draft\DraftKit;
use Ulvrach\Draft\Drafter;
use Ulvrach\Draft\Trace;
use Ulvrach\Drying\Season;
use Ulvrach\Material\ProductShelf;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\Driving;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\Scheme;
use Ulvrach\Plan\Story;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\Traffic;
use Ulvrach\Plan\Weather;
use Ulvrach\Plan\Zone;
use Ulvrach\Rules\Finding;
use Ulvrach\Rules\School;
use Ulvrach\Rules\Severity;

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
            $zones[$id] = new Zone(
                $zone->id,
                $zone->name,
                $zone->kind,
                $zone->areaCm2 * $this->one([0.3, 1.0, 2.5]),
                $zone->substrate,
                $zone->depicts,
                $this->one(Traffic::cases()),
                $this->number(0, 1) === 1,
            );
        }

        return $plan->with(zones: $zones);
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

it('hands over neither stop nor risk, whatever chance makes of a story', function (int $seed) {
    $chance = new StoryChance($seed);
    for ($left = 15; $left > 0; $left--) {
        $plan = $chance->plan();
        $draft = (new Drafter())->draft($plan, $chance->story($plan), $chance->shelf());
        $grave = array_filter(
            $draft->verdict->findings,
            static fn (Finding $finding) => $finding->severity !== Severity::Note,
        );

        expect(array_map(static fn (Finding $of) => "{$of->code} {$of->stepId} {$of->happens}", array_values($grave)))
            ->toBe([], "seed {$seed}, {$left} left");
    }
})->with([1, 2, 3, 4]);
