<?php

declare(strict_types=1);

use Tests\Core\PlanKit;
use Ulvrach\Physics\Evaluation\Walk;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Plan\Log\EntryKind;
use Ulvrach\Plan\Log\Log;
use Ulvrach\Plan\Log\Trial;
use Ulvrach\Report\FinishCard;

/** @param  list<array{string|null, EntryKind, int, 3?: string, 4?: Trial}>  $happened at minutes */
function finishedWalk(array $happened): Walk
{
    $entries = [];
    foreach ($happened as $number => $one) {
        $entries[] = new Entry(
            id: sprintf('00000000-0000-4000-8000-%012d', $number + 1),
            kind: $one[1],
            at: 29_920_200 + $one[2],
            stepId: $one[0],
            text: $one[3] ?? '',
            trial: $one[4] ?? null,
        );
    }

    return (new Walker())->walk(
        PlanKit::plan("prime primer on hull\nspray-colour acrylic on hull, 2 coats"),
        new Log($entries),
    );
}

$mixes = [['jar' => 'acrylic', 'parts' => [['name' => 'Olive', 'parts' => 3], ['name' => 'White', 'parts' => 1]]]];

it('says with what, where and when it was painted, what it is mixed from, and what was seen', function () use ($mixes) {
    $card = FinishCard::of(finishedWalk([
        ['s1', EntryKind::Begun, 0],
        ['s1', EntryKind::Finished, 40],
        ['s2', EntryKind::Finished, 90],
        ['s2', EntryKind::Note, 95, 'A hair on the left'],
        ['s2', EntryKind::Trial, 96, 'A bloom', new Trial('x', 'spoon', 8, false)],
        ['s2', EntryKind::Measured, 97, 'not to be told'],
        ['gone', EntryKind::Skipped, 98],
        [null, EntryKind::Note, 99, 'Thinner bought'],
    ]), $mixes);

    expect($card['begunAt'])
        ->toBe('2026-11-20T22:00:00Z')
        ->and($card['doneAt'])
        ->toBe('2026-11-20T23:30:00Z')
        ->and([$card['spentMinutes'], $card['done']])
        ->toBe([40, 2])
        ->and($card['steps'][0]['recipe'])
        ->toBe('')
        ->and($card['steps'][1]['recipe'])
        ->toBe('3 parts Olive, 1 part White')
        ->and($card['steps'][1]['told'])
        ->toBe(['A hair on the left', 'Tried on spoon: came off after 8 rubs. A bloom'])
        ->and($card['told'])
        ->toBe(['Left out.', 'Thinner bought']);
});

it('says what is still to do, and of which nothing is known', function () {
    $card = FinishCard::of(finishedWalk([['s1', EntryKind::Finished, 40]]), []);
    $bare = FinishCard::of(finishedWalk([]), []);

    expect([$card['begunAt'], $card['doneAt'], $card['steps'][1]['doneAt']])
        ->toBe(['2026-11-20T22:40:00Z', null, null])
        ->and([$bare['begunAt'], $bare['done'], $bare['told']])
        ->toBe([null, 0, []]);
});

it('is text with days as the bench has them', function () use ($mixes) {
    $walk = finishedWalk([['s1', EntryKind::Finished, 40], ['s2', EntryKind::Finished, 130, 'x']]);
    $text = FinishCard::text($walk, $mixes, new DateTimeZone('Europe/Paris'));

    expect($text)
        ->toContain("# Ostrel\n")
        ->toContain('Begun 2026-11-20, finished 2026-11-21.')
        ->toContain('1. **Prime** with Primer: Hull, 2 coats; 2026-11-20.')
        ->toContain('2. **Spray a colour** with Green (3 parts Olive, 1 part White): Hull, 2 coats; 2026-11-21.');
});
