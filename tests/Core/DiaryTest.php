<?php

declare(strict_types=1);

use Tests\Core\Counsel\Draft\DraftKit;
use Ulvrach\Counsel\Draft\Drafter;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Hours;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Log\StepAsItWas;
use Ulvrach\Quantity\Moment;
use Ulvrach\Report\DiaryReport;

/** "begun prime-1 0" and so on, minutes after the first moment; "x" before a kind: it is taken back by the next. */
$log = static function (string ...$said): Log {
    $entries = [];
    foreach ($said as $place => $one) {
        [$kind, $step, $minute] = explode(' ', $one);
        $entries[] = new Entry(
            "e{$place}",
            EntryKind::from($kind),
            Moment::read('2026-11-20T18:00:00Z') + (int) $minute,
            $step,
            corrects: $kind === 'withdrawn' ? 'e'.($place - 1) : null,
        );
    }

    return new Log($entries);
};
$walk = static function (Log $log): Walk {
    [$facts, $told] = DraftKit::stories()['coast road'];
    $plan = (new Drafter())->draft(DraftKit::plan('light-tank', 'sealed-steps', $facts), $told)->verdict->plan;

    return (new Walker())->walk($plan, $log);
};

it('counts what lies between begin and end, without pauses', function (array $said, array $minutes) use ($log) {
    expect(Hours::of($log(...$said)))->toBe($minutes);
})->with([
    'at one go' => [['begun a 0', 'finished a 40'], ['a' => 40]],
    'with a pause' => [['begun a 0', 'paused a 20', 'begun a 60', 'finished a 75'], ['a' => 35]],
    'in another order than it was said' => [['finished a 40', 'begun a 0'], ['a' => 40]],
    'not finished' => [['begun a 0', 'paused a 20'], []],
    'nobody said when it was begun' => [['finished a 40'], []],
    'two at once' => [['begun a 0', 'begun b 10', 'finished b 30', 'finished a 60'], ['b' => 20, 'a' => 60]],
    'the end was taken back and said again' => [
        ['begun a 0', 'finished a 10', 'withdrawn a 11', 'finished a 50'],
        ['a' => 50],
    ],
    'a press was forgotten over night' => [['begun a 0', 'finished a 900'], []],
]);

it('says where a build stands, what comes next, and what was left out', function () use ($log, $walk) {
    $walked = $walk($log('begun cut-and-sand-1 0', 'finished cut-and-sand-1 50', 'skipped dry-fit-1 51'));
    $told = DiaryReport::ofBuild('b', $walked);

    expect($told['done'])->toBe(1)
        ->and($told['spentMinutes'])->toBe(50)
        ->and($told['plannedMinutes'])->toBe($walked->times[0]->handsOn)
        ->and($told['lastDone']['at'])->toBe('2026-11-20T18:50:00Z')
        ->and($told['left'])->toBe(['2 Fit it dry and measure'])
        ->and($told['next'])->toHaveCount(3)
        ->and($told['next'][0])->toBe('3 Prime')
        ->and(DiaryReport::ofBuild('b', $walk(new Log()))['lastDone'])->toBeNull();
});

it('marks what was corrected, and shows the latest first', function () use ($log, $walk) {
    $entries = DiaryReport::entries('b', $walk($log('begun a 0', 'finished a 10', 'withdrawn a 11', 'finished a 50')));

    expect(array_column($entries, 'kind'))->toBe(['finished', 'withdrawn', 'finished', 'begun'])
        ->and(array_column($entries, 'stands'))->toBe([true, false, false, true]);
});

it('draws one’s own pace from steps that were timed, and says what it rests on', function () use ($log, $walk) {
    $planned = $walk(new Log())->times[0]->handsOn;
    $walked = $walk($log('begun cut-and-sand-1 0', 'finished cut-and-sand-1 '.(2 * $planned)));
    [$pace] = DiaryReport::paces(['b' => $walked]);

    expect($pace['ratio'])->toBeGreaterThan(1.1)->toBeLessThan(2.0)
        ->and($pace['observations'])->toBe([
            [
                'key' => 'pace b cut-and-sand-1',
                'build' => 'b',
                'step' => 'cut-and-sand-1',
                'own' => 2 * $planned,
                'usual' => $planned,
                'counts' => true,
            ],
        ])
        ->and(DiaryReport::paces(['b' => $walk(new Log())]))->toBe([]);
});

it('writes a table that a spreadsheet reads and no formula hides in', function () use ($walk) {
    $was = new StepAsItWas('prime', 'Prime', '=cmd|calc', ['turret' => 'Turret'], 1);
    $at = Moment::read('2026-11-20T18:00:00Z');
    $entry = new Entry('n', EntryKind::Note, $at, 'prime-1', $was, text: 'a "run", left');
    [$head, $line] = explode("\n", DiaryReport::table(['b' => $walk(new Log([$entry]))]));

    expect($head)->toStartWith('"when (UTC)",build,what')
        ->and($line)->toContain('"a ""run"", left"')
        ->and($line)->not->toContain(',=cmd');
});
