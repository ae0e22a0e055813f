<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique\Library;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\CureState;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Practice;
use Ulvrach\Stuff\Technique\Stage;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueKind;
use Ulvrach\Stuff\Technique\Want;

/** Chips that are lifted off: decided before the top colour, or not at all. */
final class ChippingWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        $release = 'Keeps the next colour from holding, so that water can lift chips out of it.';

        return [
            new Technique(
                code: 'chipping-fluid',
                name: 'Chipping fluid',
                kind: TechniqueKind::ReleaseFilm,
                stage: Stage::Chipping,
                families: [BinderFamily::ChippingFluid],
                wants: new Want(family: BinderFamily::ChippingFluid, sheen: Sheen::Satin),
                application: Application::Airbrush,
                coverage: Coverage::Whole,
                purpose: $release,
                practice: new Practice(
                    signs: ['an even slight sheen', 'milky or crackled: too heavy, or the air too damp'],
                    tools: ['airbrush 0.3–0.4 mm', '1.2 bar'],
                    undo: 'Washes off with water before the colour is on.',
                    cautions: ['The colour goes on within a day.'],
                    alternatives: ['hairspray', 'salt', 'sponge-chips'],
                    because: 'two thin coats',
                ),
                coats: 2,
            ),
            new Technique(
                code: 'hairspray',
                name: 'Hairspray',
                kind: TechniqueKind::ReleaseFilm,
                stage: Stage::Chipping,
                families: [BinderFamily::Hairspray],
                wants: new Want(family: BinderFamily::Hairspray, sheen: Sheen::Gloss),
                application: Application::Airbrush,
                coverage: Coverage::Whole,
                purpose: $release,
                practice: new Practice(
                    signs: ['an even slight sheen', 'runs or fine cracks: too heavy, or the air too damp'],
                    tools: ['spray can at 20–30 cm, or decanted into the airbrush'],
                    undo: 'Washes off with water before the colour is on.',
                    cautions: ['Thin coats: a heavy one crazes in damp air.'],
                    alternatives: ['chipping-fluid', 'salt', 'sponge-chips'],
                    because: 'two light coats; larger chips with the second',
                ),
                coats: 2,
            ),
            new Technique(
                code: 'salt',
                name: 'Salt',
                kind: TechniqueKind::ReleaseFilm,
                stage: Stage::Chipping,
                families: [BinderFamily::Salt],
                wants: new Want(family: BinderFamily::Salt),
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Grains on wetted paint keep the next colour off in crisp, angular spots.',
                practice: new Practice(
                    signs: [
                        'grains sit in clumps of different sizes, more at edges',
                        'glued when the water has dried',
                    ],
                    tools: ['crushed and sieved salt', 'wet brush'],
                    undo: 'Brushed off before the colour is on.',
                    cautions: ['Grains of one size, or in rows, look false.'],
                    alternatives: ['chipping-fluid', 'sponge-chips'],
                    because: 'wetting and strewing',
                ),
                applyMinutes: 6.0,
            ),
            new Technique(
                code: 'lift-off',
                name: 'Lift chips with water',
                kind: TechniqueKind::LiftOff,
                stage: Stage::Chipping,
                families: [],
                application: Application::Scrub,
                coverage: Coverage::Partial,
                purpose: 'Wets the colour, waits for the film below to swell, and works flakes off with a stiff brush.',
                practice: new Practice(
                    signs: ['tiny cracks or bubbles: the film lets go', 'whole sheets move: blot dry at once'],
                    tools: ['stiff cut-down brush', 'toothpick', 'needle', 'paper to blot'],
                    undo: 'What came off is painted in again.',
                    cautions: ['Little, then look, then more.', 'Blot dry to stop: water goes on working.'],
                    alternatives: ['sponge-chips', 'brush-chips'],
                    because: 'worked spot by spot',
                ),
                applyMinutes: 12.0,
                needs: CureState::TouchDry,
                serviceMonths: 3,
                markMm: 0.3,
            ),
            new Technique(
                code: 'salt-off',
                name: 'Brush the salt off',
                kind: TechniqueKind::LiftOff,
                stage: Stage::Chipping,
                families: [],
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Brushes the grains away once the colour is dry to the touch, within a few hours.',
                practice: new Practice(
                    signs: ['grains roll under the brush', 'they hold: moisten the last ones'],
                    tools: ['stiff brush', 'toothpick'],
                    undo: 'Spots are touched in with the top colour.',
                    alternatives: ['lift-off'],
                    because: 'quick where the salt was dry',
                ),
                applyMinutes: 4.0,
                needs: CureState::TouchDry,
                serviceMonths: 3,
                markMm: 0.3,
            ),
            new Technique(
                code: 'abrade-chips',
                name: 'Rub through with fine abrasive',
                kind: TechniqueKind::Abrade,
                stage: Stage::Chipping,
                families: [],
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Rubs edges and corners down to the colour below, dry, with soft feathered borders.',
                practice: new Practice(
                    signs: ['the lower colour appears as a haze, then a spot'],
                    tools: ['very fine abrasive sponge', 'soft brush for the dust'],
                    undo: 'Misted over with the top colour.',
                    cautions: ['The layer below must be hard, or it goes too.', 'Dust mask.'],
                    alternatives: ['lift-off', 'dry-brush'],
                    because: 'a light hand on edges',
                ),
                applyMinutes: 8.0,
                needs: CureState::SolventProof,
                serviceMonths: 3,
                markMm: 0.4,
            ),
        ];
    }
}
