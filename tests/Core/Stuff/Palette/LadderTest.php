<?php

declare(strict_types=1);

use Tests\Core\Mixables;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\Ladder;
use Ulvrach\Stuff\Palette\Palette;

/** Dark enough to be made lighter, or light enough to be made darker. */
function cupFor(bool $lighter): Cup
{
    return $lighter ? greenCup() : new Cup([[Mixables::jar('white', '#e8e6dd'), 1]]);
}

function greenCup(): Cup
{
    return new Cup([[Mixables::jar('green', '#3f5a37'), 2], [Mixables::jar('ochre', '#b58a3c'), 1]]);
}

it('goes on in one direction, rung by rung, and begins at what is in the cup', function (bool $lighter) {
    $cup = cupFor($lighter);
    $own = $cup->paint();
    $ladders = Ladder::of($cup, [...Mixables::all(), Mixables::jar('grey', '#8b8a84')], $lighter, 9);
    expect($ladders)->not->toBe([]);
    foreach ($ladders as $ladder) {
        $before = 0.0;
        foreach ($ladder->rungs as $rung) {
            expect($lighter ? $rung->lighter : -$rung->lighter)->toBeGreaterThan($before);
            $before = $lighter ? $rung->lighter : -$rung->lighter;
        }
        expect($ladder->rungs[0]->colour->differenceTo(Palette::colourOf($own ?? throw new LogicException())))
            ->toBeLessThan($ladder->rungs[6]->colour->differenceTo(Palette::colourOf($own)));
    }
})->with(['lighter' => [true], 'darker' => [false]]);

it('says from where on a jar turns the hue, and counts no tone beyond that', function () {
    $jars = [Mixables::jar('grey', '#b9bab6'), Mixables::jar('pink', '#e59aa4')];
    $ladders = array_column(
        array_map(static fn (Ladder $of) => [$of->jar->id, $of], Ladder::of(greenCup(), $jars, true)),
        1,
        0,
    );
    $grey = $ladders['grey'] ?? throw new LogicException('Grey makes it lighter.');

    expect($grey->turnsAt)->not->toBeNull();
    foreach ($grey->rungs as $place => $rung) {
        expect($rung->turned > 6.0)->toBe($place >= ($grey->turnsAt ?? 99));
    }
    expect($grey->reach(true))->toBe(max(0.0, ...array_map(
        static fn ($rung) => $rung->lighter,
        array_slice($grey->rungs, 0, $grey->turnsAt),
    )));
});

it('adds no stranger, no wash and nothing clear, and nothing to an empty cup', function () {
    $strangers = [
        Mixables::jar('enamel', '#ffffff', BinderFamily::Enamel),
        Mixables::jar('clear', null),
        Mixables::jar('flakes', '#ffffff', metallic: true),
    ];

    expect(Ladder::of(greenCup(), $strangers, true))->toBe([])
        ->and(Ladder::of(new Cup([[Mixables::jar('clear', null), 1]]), Mixables::all(), true))->toBe([]);
});
