<?php

declare(strict_types=1);

use Tests\Core\Counsel\Draft\DraftKit;
use Tests\Thorough;
use Ulvrach\Counsel\Draft\Draft;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Counsel\Draft\Exposure;
use Ulvrach\Counsel\Draft\Internal\Parts;
use Ulvrach\Counsel\Draft\Internal\Thrift;
use Ulvrach\Counsel\Draft\Redraft;
use Ulvrach\Counsel\Draft\Trace;
use Ulvrach\Judgement\Rules\Evaluator;
use Ulvrach\Judgement\Rules\Finding;
use Ulvrach\Judgement\Rules\School;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Light\Colour\Lab;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\Pose;
use Ulvrach\Plan\Scheme;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Story;
use Ulvrach\Plan\Terrain;
use Ulvrach\Plan\Weather;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\ProductShelf;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Pace;
use Ulvrach\Stuff\Technique\Stage;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** The medium tank of the coast road, some weeks of work, from plain jars; or with something else about it. */
function drafted(
    string $story = 'coast road',
    string $school = 'sealed-steps',
    Ambition $ambition = Ambition::Weeks,
    string $shelf = 'plain jars',
    string $kind = 'tank',
): Draft {
    [$facts, $told] = DraftKit::stories($ambition)[$story];

    static $known = [];

    return $known[implode('/', [$story, $school, $ambition->value, $shelf, $kind])] ??=
        (new Drafter())->draft(DraftKit::plan($kind, $school, $facts), $told, DraftKit::shelves()[$shelf]);
}

/** @return list<string> */
function techniquesOf(Draft $draft): array
{
    return array_map(static fn (Step $step) => $step->technique, $draft->verdict->plan->steps);
}

it('drafts a plan without stop or risk for every kind, school, story and effort', function (
    string $kind,
    string $school,
) {
    $shelves = array_keys(DraftKit::shelves());
    $shift = (int) array_search($kind, DraftKit::kinds(), true);
    $shift += (int) array_search($school, array_keys(School::all()), true);
    $drafts = 0;
    foreach (Ambition::cases() as $effort => $ambition) {
        foreach (array_keys(DraftKit::stories()) as $place => $story) {
            // In short, one story for each effort: every two of kind, school, story and effort still meet.
            if (! Thorough::isAsked() && ($place + 2 * $effort + $shift) % 5 !== 0) {
                continue;
            }
            $shelf = $shelves[(2 * $place + 2 * $effort) % 3];
            $draft = drafted($story, $school, $ambition, $shelf, $kind);
            $plan = $draft->verdict->plan;
            // Judged anew, and not as the draft says of itself.
            $grave = array_filter(
                (new Evaluator())->evaluate($plan)->findings,
                static fn (Finding $finding) => $finding->severity !== Severity::Note,
            );
            $name = "{$kind}, {$school}, {$story}, {$ambition->value}, {$shelf}";
            $said = array_map(static fn (Finding $of) => "{$of->code} {$of->stepId} {$of->happens}", $grave);
            expect(array_values($said))
                ->toBe([], $name)
                ->and(count($plan->steps))->toBeGreaterThan($ambition === Ambition::Evening ? 4 : 8, $name)
                ->and($draft->verdict->walk->lasts())->toBeLessThan(10 * 1440, $name);
            foreach ($plan->steps as $step) {
                expect($step->note)->not->toBe('', "{$name}: {$step->id}");
            }
            $drafts++;
        }
    }
    // With eight kinds and six schools these are 192, or 960.
    expect($drafts)->toBe(Thorough::times(4, 20));
})
    ->with(DraftKit::kinds())
    ->with(array_keys(School::all()));

it('tells stories apart where they differ', function () {
    $coast = techniquesOf(drafted('coast road', kind: 'light-tank'));
    $mud = techniquesOf(drafted('autumn mud'));
    $snow = techniquesOf(drafted('snow'));
    $works = techniquesOf(drafted('from the works'));

    expect($mud)->toContain('hard-camouflage', 'mud-paste')
        ->and($coast)->not->toContain('hard-camouflage', 'mud-paste')
        ->and($coast)->toContain('dry-pigment', 'rust-streak')
        ->and($snow)->toContain('winter-wash')
        ->and($works)->not->toContain('sponge-chips', 'lift-off', 'rust-streak', 'dry-pigment', 'exhaust-heat');
});

it('paints the white of a winter round the markings, which lie below it', function () {
    $plan = drafted('snow')->verdict->plan;
    $place = static fn (string $technique) => array_search(
        $technique,
        array_map(static fn (Step $step) => $step->technique, $plan->steps),
        true,
    );
    $white = $plan->steps[$place('winter-wash')];

    expect($place('decal'))
        ->toBeLessThan($place('winter-wash'))
        ->and($place('decal'))->toBeGreaterThan($place('spray-colour'))
        ->and($white->note)->toContain('painted round the markings')
        ->and(array_intersect($plan->steps[$place('decal')]->zones, $white->zones))->not->toBe([]);
});

it('camouflages no inside, and tells of the zone that has most chips', function () {
    $plan = drafted('autumn mud', kind: 'tracked-carrier')->verdict->plan;
    $inside = array_keys(array_filter($plan->zones, static fn (Zone $zone) => $zone->kind === ZoneKind::Interior));
    expect($inside)->not->toBe([]);
    foreach ($plan->steps as $step) {
        if (in_array($step->technique, ['hard-camouflage', 'mask-putty', 'unmask'], true)) {
            expect(array_intersect($step->zones, $inside))->toBe([]);
        }
    }

    $draft = drafted();
    $plan = $draft->verdict->plan;
    [$facts, $told] = DraftKit::stories(Ambition::Weeks)['coast road'];
    $exposure = new Exposure($plan->build, $told, false);
    $lift = $plan->steps[array_search('lift-off', techniquesOf($draft), true)];
    $counts = [];
    foreach ($lift->zones as $id) {
        $counts[$plan->zones[$id]->name] = $exposure->chips($plan->zones[$id], $plan->build->scale)[0];
    }
    arsort($counts);
    expect($lift->note)->toContain('on '.array_key_first($counts).',');
});

it('follows the answers of a school', function () {
    $lifted = techniquesOf(drafted(school: 'sealed-steps'));
    $applied = techniquesOf(drafted(school: 'one-satin'));
    $bare = drafted(school: 'bare-matte');
    $water = drafted(school: 'clean-air');

    expect($lifted)->toContain('chipping-fluid', 'lift-off')
        ->and(array_search('pin-wash', $lifted, true))->toBeLessThan(array_search('filter', $lifted, true))
        ->and($applied)->toContain('sponge-chips', 'oil-dust')->not->toContain('lift-off')
        ->and(array_search('filter', $applied, true))->toBeLessThan(array_search('pin-wash', $applied, true))
        ->and(techniquesOf($bare))->toContain('track-rust-base')->not->toContain('fix-pigment');
    foreach ($water->verdict->plan->products as $product) {
        expect($product->material->carrier)->toBeIn([null, Carrier::Water, Carrier::WettedWater]);
    }
});

it('makes more of it the more work it may be', function () {
    $steps = array_map(
        static fn (Ambition $ambition) => count(drafted(ambition: $ambition)->verdict->plan->steps),
        Ambition::cases(),
    );
    $sorted = $steps;
    sort($sorted);

    expect($steps)->toBe($sorted)->and(array_unique($steps))->toHaveCount(4);
});

it('takes no more hours than were asked for, where a plainer way saves some, and names what it goes without', function (
    string $kind,
) {
    foreach (array_keys(DraftKit::stories()) as $story) {
        $draft = drafted($story, kind: $kind);
        expect($draft->verdict->plan->handsOn())->toBeLessThanOrEqual(25 * 60, "{$story}, some weeks");
        $short = drafted($story, ambition: Ambition::Evenings, kind: $kind);
        $isMuch = $short->verdict->plan->handsOn() > 10 * 60;
        $isPlain = ! in_array('cut-and-sand', techniquesOf($short), true) &&
            ! in_array('mask-putty', techniquesOf($short), true) &&
            ! in_array('dry-pigment', techniquesOf($short), true);
        expect($isPlain || ! $isMuch)->toBeTrue("{$story}, a few evenings");
        // What it goes without is said, and nothing that there was time for.
        $hasSeams = in_array('cut-and-sand', techniquesOf($short), true);
        expect(in_array(Thrift::Seams->says(), $short->left, true))->toBe(! $hasSeams);
    }
})->with(DraftKit::kinds());

it('goes without less where hands are quicker, or the vehicle is smaller', function () {
    [$facts, $told] = DraftKit::stories(Ambition::Evenings)['coast road'];
    $plan = DraftKit::plan('scout-car', 'sealed-steps', $facts);
    $at = static fn (float $pace) => (new Drafter())->draft($plan, $told, pace: new Pace($pace, $pace));
    $saved = static fn (Draft $draft) => array_values(array_filter(
        Thrift::cases(),
        static fn (Thrift $thrift) => in_array($thrift->says(), $draft->left, true),
    ));

    expect($saved($at(0.5)))->toBe([])
        ->and(count($saved($at(1.5))))->toBeGreaterThan(0)
        ->and($at(1.5)->verdict->plan->handsOn())->toBeLessThan($at(0.5)->verdict->plan->handsOn());
});

it('keeps to water and to what dries at once, where there is one evening', function (string $kind) {
    foreach (array_keys(DraftKit::stories()) as $story) {
        $draft = drafted($story, ambition: Ambition::Evening, kind: $kind);
        $codes = techniquesOf($draft);
        expect($codes)->toContain('spray-colour', 'acrylic-wash')
            ->not->toContain('clear-coat', 'decal', 'pin-wash', 'mask-putty', 'chipping-fluid', 'final-coat')
            ->and($draft->left)->toContain(
                'Markings: they want a clear coat below and above them, and each of those a night.',
            )
            ->and($draft->verdict->walk->lasts())->toBeLessThan(1440, $story);
    }
})->with(DraftKit::kinds());

it('takes the jar that has the colour, of whatever family one sprays', function (
    BinderFamily $family,
    Carrier $carrier,
    Scheme $scheme,
) {
    $colour = Lab::fromHex('#4a5a6b');
    $jar = new Product('exact', 'Exact', new Material($family, $carrier, Sheen::Matte, $colour));
    $more = $scheme === Scheme::Plain ? [] : [Lab::fromHex('#6b4a2f')];
    [$facts] = DraftKit::stories(Ambition::Weeks)['coast road'];
    foreach (['tank', 'lorry'] as $kind) {
        $draft = (new Drafter())->draft(
            DraftKit::plan($kind, 'sealed-steps', $facts),
            new Story($colour, $scheme, $more, ambition: Ambition::Weeks),
            new ProductShelf([...DraftKit::shelves()['full']->products ?? [], $jar]),
        );
        $painted = array_filter($draft->verdict->plan->steps, static fn (Step $step) => $step->product === 'exact');

        expect(array_column($painted, 'technique'))->toContain('spray-colour')
            ->and($draft->remains)->toBe([])
            ->and($draft->verdict->count(Severity::Risk))->toBe(0)
            // Water gets through waterborne and alcohol-borne paint only.
            ->and(in_array('lift-off', techniquesOf($draft), true))
            ->toBe($family === BinderFamily::AlcoholAcrylic);
    }
})->with([
    [BinderFamily::Lacquer, Carrier::LacquerThinner],
    [BinderFamily::Enamel, Carrier::WhiteSpirit],
    [BinderFamily::AlcoholAcrylic, Carrier::AlcoholBlend],
])->with([Scheme::Plain, Scheme::HardEdged]);

it('paints from the shelf, mixes what is not on it, and says what has to be bought', function () {
    $own = array_column(DraftKit::shelves()['full']->products ?? [], 'id');
    $full = drafted(shelf: 'full');
    $none = drafted(shelf: 'none');
    $bought = array_map(static fn ($purchase) => $purchase->product->id, $full->purchases);
    foreach ($full->verdict->plan->products as $product) {
        expect(in_array($product->id, $own, true) || in_array($product->id, $bought, true) ||
            str_starts_with($product->id, 'mix-'))->toBeTrue($product->id);
    }
    $sand = drafted('desert', shelf: 'full');
    $mixed = array_filter(array_keys($sand->verdict->plan->products), static fn ($id) => str_starts_with($id, 'mix-'));

    expect(count($bought))->toBeLessThan(6)
        ->and(count($none->purchases))->toBe(count($none->verdict->plan->products))
        ->and($mixed)->not->toBe([]);
});

it('wears nothing that cannot wear, and shines nothing under a matte coat', function () {
    $draft = drafted(kind: 'lorry');
    foreach ($draft->verdict->plan->steps as $index => $step) {
        $kind = TechniqueLibrary::get($step->technique)->kind;
        foreach ($step->zones as $zone) {
            $of = $draft->verdict->plan->zones[$zone];
            $isLight = $step->technique === 'dry-brush';
            if (($kind->is(Nature::Chips) && ! $isLight) || $step->technique === 'rust-streak') {
                expect($of->depicts->rusts())->toBeTrue("{$step->id} on {$zone}");
            }
            if ($of->kind === ZoneKind::Glass) {
                expect($step->technique)->toBe('paint-glass');
            }
        }
    }
    $steps = techniquesOf($draft);
    expect(array_search('paint-glass', $steps, true))->toBeGreaterThan(array_search('final-coat', $steps, true));
});

it('says what in a story cannot be, and drafts all the same', function () {
    [, $told] = DraftKit::stories()['from the works'];
    $draft = (new Drafter())->draft(DraftKit::plan('tank', 'sealed-steps', [Terrain::Snow, 4]), $told);

    expect($draft->contradictions)->toBe(['Snow lies in no summer: another season, or another ground.'])
        ->and($draft->verdict->count(Severity::Stop))->toBe(0);
});

describe('exposure', function () {
    $exposed = static function (array $changes, ?int $months = 12, Terrain $terrain = Terrain::DryEarth) {
        [, $told] = DraftKit::stories()['coast road'];
        $story = new Ulvrach\Plan\Story(...['base' => $told->base, ...$changes]);
        $plan = DraftKit::plan('tank', 'sealed-steps', [$terrain, $months]);

        return static fn (Trace $trace, string $zone) => (new Exposure($plan->build, $story, true))
            ->amount($trace, $plan->zones[$zone]);
    };

    it('grows with service, and never leaves nothing and all', function () use ($exposed) {
        foreach ([Trace::Chips, Trace::Rust, Trace::Streaks] as $trace) {
            $amounts = array_map(
                static fn (int $months) => $exposed(['weather' => Weather::Wet], $months)($trace, 'hull-sides'),
                [0, 1, 3, 6, 12, 24, 60, 600],
            );
            $sorted = $amounts;
            sort($sorted);
            expect($amounts)->toBe($sorted)->and($amounts[0])->toBe(0.0)->and(max($amounts))->toBeLessThanOrEqual(1.0);
        }
    });

    it('throws mud low and no farther, wets what rain wets, and lets rubber not rust', function () use ($exposed) {
        $wet = $exposed(['weather' => Weather::Wet], 12, Terrain::WetClay);
        $dry = $exposed(['weather' => Weather::Dry]);

        expect($wet(Trace::Mud, 'tracks'))->toBeGreaterThan($wet(Trace::Mud, 'hull-sides'))
            ->and($wet(Trace::Mud, 'turret'))->toBe(0.0)
            ->and($dry(Trace::Mud, 'tracks'))->toBe(0.0)
            ->and($dry(Trace::Dust, 'tracks'))->toBeGreaterThan($wet(Trace::Dust, 'tracks'))
            ->and($wet(Trace::Streaks, 'hull-sides'))->toBeGreaterThan($dry(Trace::Streaks, 'hull-sides'))
            ->and($wet(Trace::Streaks, 'hull-top'))->toBe(0.0)
            ->and($wet(Trace::Rust, 'tyres'))->toBe(0.0)
            ->and($wet(Trace::Chips, 'canvas'))->toBe(0.0);
    });

    it('says why there is mud, and why there is none', function () {
        [, $told] = DraftKit::stories()['autumn mud'];
        $plan = DraftKit::plan('tank', 'sealed-steps', [Terrain::WetClay, 12]);
        $exposure = new Exposure($plan->build, $told, true);
        $why = static fn (string $zone) => $exposure->of($plan->zones[$zone])[Trace::Mud->value]->reason;

        expect($why('tracks'))->toEndWith(', as high as wheels throw it.')
            ->and($why('turret'))->toBe('Nothing throws mud as high as that.');
    });

    it('runs down what a slope tilts, towards its low end', function () use ($exposed) {
        $level = $exposed(['weather' => Weather::Wet]);
        $nose = $exposed(['weather' => Weather::Wet, 'pose' => Pose::NoseDown]);

        expect($nose(Trace::Streaks, 'hull-top'))->toBeGreaterThan($level(Trace::Streaks, 'hull-top'))
            ->and($nose(Trace::Streaks, 'glacis'))->toBeGreaterThan($level(Trace::Streaks, 'glacis'))
            ->and($nose(Trace::Streaks, 'rear-plate'))->toBe($level(Trace::Streaks, 'rear-plate'))
            ->and($level(Trace::Heat, 'exhaust'))->toBeGreaterThan($level(Trace::Heat, 'engine-deck'))
            ->and($level(Trace::Heat, 'hull-sides'))->toBe(0.0);
    });

    it('believes the modeller', function () use ($exposed) {
        $own = $exposed(['overrules' => ['turret' => ['mud' => 0.5]]]);

        expect($own(Trace::Mud, 'turret'))->toBe(0.5);
    });

    it('says how many chips are enough: none where there are none, more on more, larger on larger models', function () {
        [, $told] = DraftKit::stories()['coast road'];
        $plan = DraftKit::plan('tank', 'sealed-steps', [Terrain::DryEarth, 24]);
        $exposure = new Exposure($plan->build, $told, true);
        [$few] = $exposure->chips($plan->zones['barrel'], 35);
        [$many, $least, $most] = $exposure->chips($plan->zones['hull-top'], 35);
        [, , $large] = $exposure->chips($plan->zones['hull-top'], 16);

        expect($few)->toBeLessThan($many)
            ->and($least)->toBeLessThan($most)
            ->and($large)->toBeGreaterThan($most)
            ->and($exposure->chips($plan->zones['tyres'], 35)[0])->toBe(0);
    });
});

it('drafts any one part anew into any plan, and keeps all other steps', function (string $part) {
    foreach (['coast road', 'autumn mud'] as $story) {
        foreach (['sealed-steps', 'one-satin', 'clean-air'] as $school) {
            $plan = drafted($story, $school)->verdict->plan;
            [, $told] = DraftKit::stories(Ambition::Exhibition)['snow'];
            $draft = (new Drafter())->redraft($plan, $told, new Redraft($part), DraftKit::shelves()['plain jars']);
            $after = $draft->verdict->plan;
            $of = Parts::of($plan->steps);
            $others = array_filter($plan->steps, static fn ($place) => $of[$place] !== $part, ARRAY_FILTER_USE_KEY);
            $ids = array_column($others, 'id');

            $stay = array_values(array_intersect(array_column($after->steps, 'id'), $ids));
            expect($stay)->toBe($ids, "{$story} {$school}");
            // What is new has nothing against it.
            foreach ($draft->verdict->findings as $finding) {
                $isNew = ! in_array($finding->stepId, $ids, true);
                $isGrave = $isNew && $finding->severity !== Severity::Note;
                expect($isGrave)->toBeFalse("{$finding->code} {$finding->stepId}");
            }
        }
    }
})->with(Stage::parts());

it('drafts single zones anew, and leaves the others as they are', function (string $zone) {
    foreach (['sealed-steps', 'clean-air', 'bare-matte'] as $school) {
        $plan = drafted('coast road', $school)->verdict->plan;
        [, $told] = DraftKit::stories(Ambition::Weeks)['desert'];
        $after = (new Drafter())
            ->redraft($plan, $told, new Redraft(zones: [$zone]), DraftKit::shelves()['plain jars'])->verdict->plan;
        $had = array_column($plan->steps, null, 'id');
        $isElsewhere = static fn (Step $step) => array_values(array_diff($step->zones, [$zone]));
        $stay = [];
        foreach ($after->steps as $step) {
            $before = $had[$step->id] ?? null;
            if ($before === null) {
                continue;
            }
            $stay[] = $step->id;
            expect($isElsewhere($step))->toEqualCanonicalizing($isElsewhere($before));
        }
        $others = array_keys(array_filter($had, static fn (Step $step) => $isElsewhere($step) !== []));

        expect(array_values(array_intersect($stay, $others)))->toBe($others, $school);
    }
})->with(['turret', 'tracks', 'engine-deck']);

it('draws a zone into the work that there is, where the story has not changed', function () {
    $plan = drafted()->verdict->plan;
    [, $told] = DraftKit::stories()['coast road'];
    $after = (new Drafter())
        ->redraft($plan, $told, new Redraft(zones: ['turret']), DraftKit::shelves()['plain jars'])->verdict->plan;

    expect(array_column($after->steps, 'id'))->toBe(array_column($plan->steps, 'id'))
        ->and($after->steps)->each(
            fn ($step) => $step->zones->toEqualCanonicalizing(
                array_column($plan->steps, null, 'id')[$step->value->id]->zones,
            ),
        );
});

it('leaves locked steps as they are, and draws nothing like them over them', function () {
    // Of a vehicle for which there are hours enough that its wash goes wherever one could.
    $plan = drafted(kind: 'light-tank')->verdict->plan;
    $locked = array_map(
        static fn (Step $step) => $step->technique === 'pin-wash'
            ? $step->with(locked: true, note: 'As I had it.', coats: 2)
            : $step,
        $plan->steps,
    );
    [, $told] = DraftKit::stories(Ambition::Exhibition)['autumn mud'];
    $after = (new Drafter())->redraft(
        $plan->with(steps: $locked),
        $told,
        new Redraft(),
        DraftKit::shelves()['plain jars'],
    )->verdict->plan;
    $washes = array_values(array_filter($after->steps, static fn (Step $step) => $step->technique === 'pin-wash'));
    $own = array_values(array_filter($locked, static fn (Step $step) => $step->locked));

    expect($own)->not->toBe([])
        ->and($washes)->toEqual($own)
        ->and(count($after->steps))->toBeGreaterThan(count($plan->steps));
});

it('tells a plan as it stands, changing nothing', function () {
    $plan = drafted()->verdict->plan;
    [, $told] = DraftKit::stories()['snow'];
    $standing = (new Drafter())->asItStands($plan, $told);

    expect($standing->verdict->plan)->toBe($plan)
        ->and(array_keys($standing->reasons))->toBe(array_column($plan->steps, 'id'))
        ->and(array_keys($standing->budgets))->toBe(array_keys($plan->zones));
});

it('tries out before the whole is at stake, where nobody looks', function () {
    $tried = drafted(school: 'bare-matte');
    $steps = techniquesOf($tried);
    $patch = $tried->verdict->plan->steps[array_search('test-patch', $steps, true)];

    expect(array_search('test-patch', $steps, true))->toBeLessThan(array_search('filter', $steps, true))
        ->and($patch->zones)->toBe(['running-gear'])
        ->and(techniquesOf(drafted(school: 'clean-air')))->not->toContain('test-patch')
        // Of water alone only the chipping film has to be tried.
        ->and(array_count_values(techniquesOf(drafted(school: 'clean-air', ambition: Ambition::Exhibition))))
        ->toHaveKey('test-patch', 1)
        ->and(techniquesOf(drafted(ambition: Ambition::Exhibition)))->toContain('test-patch');
});
