<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Core\PlanKit;
use Ulvrach\Counsel\Rescue\Mishap;
use Ulvrach\Counsel\Rescue\Mishaps;
use Ulvrach\Judgement\Rules\FaultLook;
use Ulvrach\Judgement\Rules\RuleBook;
use Ulvrach\Physics\Finish\Effect;
use Ulvrach\Physics\Finish\Enough;
use Ulvrach\Physics\Finish\Finish;
use Ulvrach\Physics\Finish\Mark;
use Ulvrach\Physics\Finish\Population;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\Traffic;
use Ulvrach\Report\CloseUpReport;

const WORN = <<<'PLAN'
    prime primer on hull turret
    spray-colour acrylic on hull turret
    enamel-wash wash on hull, clean spirit 30min
    light-chips buffpaint on hull
    brush-chips brown on hull
    PLAN;

/** @return array<string, mixed> */
function pieceOf(string $steps, int $after, ?string $rule = null, string $zone = 'hull'): array
{
    $walk = PlanKit::walk($steps);

    return CloseUpReport::of($walk, Forecast::of($walk), $zone, $after, $rule);
}

/** The marks of one step of a plan, on the hull. */
function marksOf(string $steps, Effect $effect): Mark
{
    foreach (Finish::of(PlanKit::walk($steps)) as $mark) {
        if ($mark->effect === $effect) {
            return $mark;
        }
    }
    throw new LogicException("Nothing of this plan leaves {$effect->value}.");
}

it('shows places in the colours of the forecast, after any step and before it', function () {
    $walk = PlanKit::walk(WORN);
    $forecast = Forecast::of($walk);
    foreach (array_keys($walk->plan->steps) as $after) {
        $piece = CloseUpReport::of($walk, $forecast, 'hull', $after);
        expect($piece['colours']['face'])->toBe($forecast->after($after, 'hull')->of(Spot::Face)->toHex())
            ->and($piece['colours']['recess'])->toBe($forecast->after($after, 'hull')->of(Spot::Recess)->toHex())
            ->and($piece['before']['colours']['face'])
            ->toBe($forecast->after($after - 1, 'hull')->of(Spot::Face)->toHex());
    }
    expect(CloseUpReport::of($walk, $forecast, 'hull', -1)['says'])->toStartWith('Hull, bare');
});

it('keeps the marks of every step in their own colours, rim before core', function () {
    $marks = pieceOf(WORN, 4)['marks'];
    $forecast = Forecast::of(PlanKit::walk(WORN))->after(4, 'hull');

    expect(array_column($marks, 'step'))->toBe([3, 4])
        ->and(array_column($marks, 'colour'))->toBe([
            $forecast->madeBy(3, Spot::Chip)->toHex(),
            $forecast->madeBy(4, Spot::Chip)->toHex(),
        ])
        ->and($marks[0]['colour'])->not->toBe($marks[1]['colour'])
        ->and(pieceOf(WORN, 3)['marks'])->toHaveCount(1);
});

it('takes with a coat what lay below it', function () {
    $buried = WORN."\nspray-colour brown on hull";

    expect(pieceOf($buried, 4)['marks'])->toHaveCount(2)->and(pieceOf($buried, 5)['marks'])->toBe([]);
});

it('shows other zones beside it, and none of them twice', function () {
    $piece = pieceOf(WORN, 4);

    expect(array_column($piece['beside'], 'kind'))->toBe(['turret'])
        ->and(array_intersect($piece['kinds'], $piece['beside'][0]['kinds']))->toBe([]);
});

it('says what comes to light below: the next coat that covers, or the part', function () {
    $two = "prime primer on hull\nspray-colour acrylic on hull\nsoft-camouflage brown on hull\n".
        'enamel-wash wash on hull';

    expect(pieceOf($two, 3)['under'])->toBe(PlanKit::products()['primer']->material->colour?->toHex())
        ->and(pieceOf('spray-colour acrylic on hull', 0)['under'])->toBe('#babab6');
});

it('names the picture of a finding, and says in words what is seen', function () {
    $piece = pieceOf(WORN, 2, 'wash-on-matte');

    expect($piece['fault'])->toBe(['rule' => 'wash-on-matte', 'look' => 'tide-marks'])
        ->and($piece['says'])->toContain('Where it goes wrong, stains with dark rims stand on the faces.')
        ->and(pieceOf(WORN, 2, 'wash-too-faint')['fault'])->toBeNull();
});

it('has a picture only of rules that there are, and uses each of its looks', function () {
    $rules = array_keys(RuleBook::ofAll()->rules);
    $shown = array_filter($rules, static fn (string $code) => FaultLook::of($code) !== null);
    $looks = array_unique(array_map(static fn (string $code) => FaultLook::of($code)?->value, $shown));

    expect($looks)->toHaveCount(count(FaultLook::cases()))->and(count($shown))->toBeGreaterThan(55);
});

it('counts marks by months, by traffic and by the real size of the zone', function () {
    $mark = marksOf(WORN, Effect::Chips);
    $plan = PlanKit::walk(WORN)->plan;
    [$zone, $build] = [$plan->zones['hull'], $plan->build];
    $count = static fn (Traffic $traffic, int $months, float $cm2, int $scale = 35): int => Population::of(
        $mark,
        $zone->with(traffic: $traffic, areaCm2: $cm2),
        $build->with(serviceMonths: $months, scale: $scale),
    )->count ?? 0;

    expect($count(Traffic::Heavy, 24, 100.0))->toBeGreaterThan($count(Traffic::Light, 24, 100.0))
        ->and($count(Traffic::Heavy, 24, 100.0))->toBeGreaterThan($count(Traffic::Heavy, 6, 100.0))
        ->and($count(Traffic::Heavy, 24, 200.0))->toBeGreaterThan($count(Traffic::Heavy, 24, 100.0))
        // The same model area is four times the vehicle at half the scale, of which half as many are painted.
        ->and($count(Traffic::Heavy, 24, 100.0, 70) / $count(Traffic::Heavy, 24, 100.0))
        ->toEqualWithDelta(2.0, 0.1);
});

it('counts by the share of the zone where that is said, and keeps every size to be painted', function () {
    $said = static fn (int $share): Population => Population::of(
        marksOf("spray-colour acrylic on hull\nsponge-chips brown on hull, over {$share}", Effect::Chips),
        PlanKit::walk(WORN)->plan->zones['hull'],
        PlanKit::walk(WORN)->plan->build,
    ) ?? throw new LogicException('They have a number.');

    expect($said(20)->count / $said(5)->count)->toEqualWithDelta(4.0, 0.1)
        ->and($said(5)->leastMm)->toBeGreaterThanOrEqual(Population::SMALLEST_MM)
        ->and($said(5)->usualMm)->toBeGreaterThan($said(5)->leastMm)
        ->and($said(5)->mostMm)->toBeGreaterThan($said(5)->usualMm);
});

it('prints what is to be drawn, and says what it cannot find', function (array $arguments, int $code, string $says) {
    $root = dirname(__DIR__, 2);
    $plan = "{$root}/database/demo/brae-lorry.ulvrach.json";
    $process = new Process([PHP_BINARY, "{$root}/bin/ulvrach", 'plan:piece', $plan, ...$arguments]);
    $process->run();

    expect($process->getExitCode())->toBe($code)->and($process->getOutput())->toContain($says);
})->with([
    'at the end' => [['cab', 'end'], 0, '"piece":{"zone":{"id":"cab"'],
    'the bare part' => [['cab', '0'], 0, 'Cab, bare'],
    'a finding' => [['cab', '4', '--finding=damp-air'], 0, '"look":"blushed"'],
    'no such zone' => [['attic', 'end'], 2, 'There is no zone “attic”'],
    'no such step' => [['cab', '999'], 2, 'There is no step “999”'],
    'no such picture' => [['cab', 'end', '--finding=no-such'], 2, 'There is no picture of that'],
]);

it('says how many marks are enough, where most of them go, and how large they are', function () {
    $walk = PlanKit::walk(
        "service 24 months\nspray-colour acrylic on hull turret\nbrush-chips brown on hull turret\n".
        "rust-streak rustwash on hull\nenamel-wash wash on hull",
    );
    $chips = (string) Enough::ofStep($walk, 1);

    expect($chips)->toStartWith('Enough is about ')
        ->toContain(' marks on Hull, ')
        ->toContain(' on Turret; most of 0.3 mm, hardly one over 1.7.')
        ->and(Enough::ofStep($walk, 0))->toBeNull()
        ->and(Enough::ofStep($walk, 3))->toBeNull();
});

it('counts more marks where more of the zone is said to have them, and none where hardly one is', function () {
    $said = static fn (string $more): string => (string) Enough::ofStep(
        PlanKit::walk("spray-colour acrylic on hull\nsponge-chips brown on hull, over {$more}"),
        1,
    );
    $new = PlanKit::walk("service 0 months\nspray-colour acrylic on hull\nbrush-chips brown on hull");
    preg_match('/about (\d+)/', $said('5'), $few);
    preg_match('/about (\d+)/', $said('40'), $many);

    expect((int) $many[1])->toBeGreaterThan(4 * (int) $few[1])
        ->and(Enough::ofStep($new, 1))->toBeNull();
});

it('shows the step done with another jar, and all beside it as it was', function () {
    $walk = PlanKit::walk(WORN);
    $forecast = Forecast::of($walk);
    $other = PlanKit::products()['acrylic'];
    [$is, $with] = [
        CloseUpReport::of($walk, $forecast, 'hull', 4),
        CloseUpReport::of($walk, $forecast, 'hull', 4, null, $other),
    ];

    expect($with['marks'][1]['colour'])->not->toBe($is['marks'][1]['colour'])
        ->and($with['marks'][0]['colour'])->toBe($is['marks'][0]['colour'])
        ->and($with['own'])->toBe($other->material->colour?->toHex())
        ->and($with['beside'])->toBe($is['beside'])
        ->and($with['before'])->toBe($is['before']);
});

it('shows a mishap by its picture where one is drawn, and leaves no name of one without a mishap', function () {
    $looks = array_filter(array_map(static fn (Mishap $mishap) => $mishap->look(), Mishaps::all()));
    $source = (string) file_get_contents(dirname(__DIR__, 2).'/core/Counsel/Rescue/Mishap.php');
    preg_match_all("/'([a-z]+(?:-[a-z]+)+)'/", $source, $named);

    expect(count($looks))->toBeGreaterThan(20)
        ->and(array_diff($named[1], array_keys(Mishaps::all())))->toBe([]);
});
