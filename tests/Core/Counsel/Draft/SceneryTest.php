<?php

declare(strict_types=1);

use Tests\Core\Counsel\Draft\DraftKit;
use Ulvrach\Counsel\Draft\Draft;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Counsel\Draft\Scenery;
use Ulvrach\Counsel\Draft\Trace;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\Ambition;
use Ulvrach\Plan\Place;
use Ulvrach\Plan\Scene;
use Ulvrach\Plan\Step;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

function staged(string $kind, Ambition $ambition, Scene ...$scenes): Draft
{
    static $known = [];
    $key = implode('/', [$kind, $ambition->value, ...array_map(static fn (Scene $scene) => $scene->value, $scenes)]);
    [$facts, $told] = DraftKit::stories($ambition)['coast road'];

    return $known[$key] ??= (new Drafter())->draft(
        DraftKit::plan($kind, 'sealed-steps', $facts),
        $told->with(scenes: $scenes),
        DraftKit::shelves()['full'],
    );
}

/** @return list<string> */
function codesIn(Draft $draft): array
{
    return array_map(static fn (Step $step) => $step->technique, $draft->verdict->plan->steps);
}

it('drafts every scene for every kind without stop or risk', function (Scene $scene, string $kind) {
    $draft = staged($kind, Ambition::Weeks, $scene);

    expect($draft->verdict->count(Severity::Stop))->toBe(0)
        ->and($draft->verdict->count(Severity::Risk))->toBe(0)
        ->and($draft->remains)->toBe([]);
})->with(Scene::cases())->with(['tank', 'lorry', 'half-track']);

it('bleaches what lies to the sky where it has stood for years, and not what hangs below', function () {
    $seen = static function (Scene ...$scenes): array {
        $verdict = staged('tank', Ambition::Weeks, ...$scenes)->verdict;
        $colours = [];
        foreach ($verdict->plan->zones as $id => $zone) {
            $colours[$zone->kind->value] = $verdict->forecast->atEnd($id)->of(Spot::Face);
        }

        return $colours;
    };
    [$usual, $left, $restored] = [$seen(), $seen(Scene::Abandoned), $seen(Scene::Abandoned, Scene::Museum)];

    // CIEDE2000; 10 to 15 are what practitioners give for it.
    expect($left['hull-top']->differenceTo($left['hull-sides']))
        ->toBeGreaterThan(9.0)
        ->toBeLessThan(16.0)
        ->and($left['hull-top']->l)->toBeGreaterThan($usual['hull-top']->l + 8.0)
        ->and($restored['hull-top']->differenceTo($restored['hull-sides']))->toBeLessThan(5.0);
});

it('throws slush up to the sills in a salted town, and none where rain has come since', function () {
    $town = staged('lorry', Ambition::Weeks, Scene::TownWinter);
    $low = array_filter(
        $town->verdict->plan->steps,
        static fn (Step $step) => in_array($step->technique, ['dust-mist', 'chalk-stains'], true),
    );
    expect(array_column($low, 'technique'))->toEqualCanonicalizing(['dust-mist', 'chalk-stains']);
    foreach ($low as $step) {
        expect($step->extent?->places)->toBe([Place::LowerThird]);
    }
    expect(codesIn(staged('lorry', Ambition::Weeks, Scene::TownWinter, Scene::DaysOfRain)))
        ->not->toContain('chalk-stains');
});

it('says that it bleaches nothing where one mist would hide a second colour', function () {
    [$facts, $told] = DraftKit::stories(Ambition::Weeks)['autumn mud'];
    $draft = (new Drafter())->draft(
        DraftKit::plan('tank', 'sealed-steps', $facts),
        $told->with(scenes: [Scene::Abandoned]),
        DraftKit::shelves()['full'],
    );

    expect(implode(' ', $draft->left))->toContain('Bleached tops');
});

it('ends no exhaust in primer, hot or cold', function (Scene ...$scenes) {
    $draft = staged('tank', Ambition::Evenings, ...$scenes);
    $plan = $draft->verdict->plan;
    $exhaust = array_keys(array_filter($plan->zones, static fn (Zone $zone) => $zone->kind === ZoneKind::Exhaust));

    expect($exhaust)->not->toBe([]);
    foreach ($exhaust as $zone) {
        $bases = array_filter(
            $plan->steps,
            static fn (Step $step) => in_array($step->technique, ['exhaust-heat', 'brush-colour'], true) &&
                $step->covers($zone),
        );
        expect($bases)->toHaveCount(1);
    }
})->with([
    'run' => [],
    'parade' => [Scene::Parade],
    'left for years' => [Scene::Abandoned],
    'from the works' => [Scene::FactoryFresh],
]);

it('leaves no trace that a scene forbids, and no step that makes one', function (Scene $scene, string $trace) {
    $draft = staged('tank', Ambition::Exhibition, $scene);
    foreach ($draft->budgets as $budgets) {
        expect($budgets[$trace]->amount)->toBe(0.0, $trace);
    }
    $makes = [
        'dust' => static fn (Step $step) => TechniqueLibrary::get($step->technique)->role === ColourRole::Dust,
        'mud' => static fn (Step $step) => TechniqueLibrary::get($step->technique)->kind->is(Nature::Mud),
        'chips' => static fn (Step $step) => $step->technique !== 'dry-brush' &&
            TechniqueLibrary::get($step->technique)->kind->is(Nature::Wear),
        'soot' => static fn (Step $step) => $step->technique === 'exhaust-soot',
    ];
    expect(array_filter($draft->verdict->plan->steps, $makes[$trace]))->toBe([]);
})->with([
    [Scene::Parade, 'dust'],
    [Scene::Parade, 'mud'],
    [Scene::Parade, 'chips'],
    [Scene::Parade, 'soot'],
    [Scene::FactoryFresh, 'chips'],
    [Scene::Museum, 'mud'],
    [Scene::Abandoned, 'soot'],
    [Scene::Abandoned, 'mud'],
    [Scene::Desert, 'mud'],
    [Scene::DaysOfRain, 'dust'],
]);

it('lets a later scene bring what an earlier one has taken away, and not the other way round', function () {
    $rainLast = new Scenery([Scene::Parade, Scene::DaysOfRain]);
    $paradeLast = new Scenery([Scene::DaysOfRain, Scene::Parade]);

    expect($rainLast->on(Trace::Mud, 0.4)[0])->toBeGreaterThan(0.4)
        ->and($rainLast->on(Trace::Dust, 0.9)[0])->toBe(0.0)
        ->and($rainLast->without('mud-splash'))->toBeNull()
        ->and($rainLast->sheen())->toBeNull()
        ->and($paradeLast->on(Trace::Mud, 0.4))->toBe([0.0, 'on parade'])
        ->and($paradeLast->without('mud-splash'))->toBe('it was cleaned for the parade')
        ->and($paradeLast->sheen())->toBe(Sheen::Satin)
        // Where nothing could be, no scene brings it.
        ->and($rainLast->on(Trace::Mud, 0.0)[0])->toBe(0.0)
        ->and((new Scenery([]))->on(Trace::Rust, 0.3))->toBe([0.3, null]);
});

it('ends a parade evenly, without polish, soot or earth on its tracks', function () {
    $parade = staged('tank', Ambition::Weeks, Scene::Parade);
    $last = array_values(array_filter(
        $parade->verdict->plan->steps,
        static fn (Step $step) => $step->technique === 'final-coat',
    ));

    expect(array_intersect(codesIn($parade), ['track-polish', 'exhaust-soot', 'track-wash', 'grime-streak']))->toBe([])
        ->and($parade->verdict->plan->productOf($last[0])?->material->sheen)->toBe(Sheen::Satin)
        ->and(implode(' ', $parade->left))->toContain('it was cleaned for the parade');
});

it('lets what was left for years rust throughout, and polishes nothing of it', function () {
    $left = staged('half-track', Ambition::Weeks, Scene::Abandoned);
    $usual = staged('half-track', Ambition::Weeks);
    $rusty = static fn (Draft $draft): float => array_sum(array_map(
        static fn (array $budgets) => $budgets['rust']->amount,
        $draft->budgets,
    ));

    expect($rusty($left))->toBeGreaterThan($rusty($usual))
        ->and(codesIn(staged('tank', Ambition::Weeks, Scene::Abandoned)))->not->toContain('track-polish')
        ->and(codesIn(staged('tank', Ambition::Weeks)))->toContain('track-polish');
});
