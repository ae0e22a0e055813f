<?php

declare(strict_types=1);

namespace Ulvrach\Technique\Library;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\CureState;
use Ulvrach\Technique\Application;
use Ulvrach\Technique\Coverage;
use Ulvrach\Technique\Practice;
use Ulvrach\Technique\Stage;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;

/** Chips that are lifted off: decided before the top colour, or not at all. */
final class ChippingWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        $release = 'Keeps the next colour from holding, so that water can lift chips out of it.';

        return [
            new Technique('chipping-fluid', 'Chipping fluid', TechniqueKind::ReleaseFilm, Stage::Chipping, [BinderFamily::ChippingFluid],
                Application::Airbrush, Coverage::Whole, $release,
                new Practice(['an even slight sheen', 'milky or crackled: too heavy, or the air too damp'], ['airbrush 0.3–0.4 mm', '1.2 bar'],
                    'Washes off with water before the colour is on.', ['The colour goes on within a day.'], ['hairspray', 'salt', 'sponge-chips'], 'two thin coats'),
                coats: 2),
            new Technique('hairspray', 'Hairspray', TechniqueKind::ReleaseFilm, Stage::Chipping, [BinderFamily::Hairspray],
                Application::Airbrush, Coverage::Whole, $release,
                new Practice(['an even slight sheen', 'runs or fine cracks: too heavy, or the air too damp'], ['spray can at 20–30 cm, or decanted into the airbrush'],
                    'Washes off with water before the colour is on.', ['Thin coats: a heavy one crazes in damp air.'], ['chipping-fluid', 'salt', 'sponge-chips'],
                    'two light coats; larger chips with the second'),
                coats: 2),
            new Technique('salt', 'Salt', TechniqueKind::ReleaseFilm, Stage::Chipping, [BinderFamily::Salt], Application::Dry, Coverage::Partial,
                'Grains on wetted paint keep the next colour off in crisp, angular spots.',
                new Practice(['grains sit in clumps of different sizes, more at edges', 'glued when the water has dried'], ['crushed and sieved salt', 'wet brush'],
                    'Brushed off before the colour is on.', ['Grains of one size, or in rows, look false.'], ['chipping-fluid', 'sponge-chips'], 'wetting and strewing'),
                applyMinutes: 6.0),
            new Technique('lift-off', 'Lift chips with water', TechniqueKind::LiftOff, Stage::Chipping, [], Application::Scrub, Coverage::Partial,
                'Wets the colour, waits for the film below to swell, and works flakes off with a stiff brush.',
                new Practice(['tiny cracks or bubbles: the film lets go', 'whole sheets move: blot dry at once'], ['stiff cut-down brush', 'toothpick', 'needle', 'paper to blot'],
                    'What came off is painted in again.', ['Little, then look, then more.', 'Blot dry to stop: water goes on working.'], ['sponge-chips', 'brush-chips'],
                    'worked spot by spot'),
                applyMinutes: 12.0, needs: CureState::TouchDry, serviceMonths: 3, markMm: 0.3),
            new Technique('salt-off', 'Brush the salt off', TechniqueKind::LiftOff, Stage::Chipping, [], Application::Dry, Coverage::Partial,
                'Brushes the grains away once the colour is dry to the touch, within a few hours.',
                new Practice(['grains roll under the brush', 'they hold: moisten the last ones'], ['stiff brush', 'toothpick'], 'Spots are touched in with the top colour.', [], ['lift-off'],
                    'quick where the salt was dry'),
                applyMinutes: 4.0, needs: CureState::TouchDry, serviceMonths: 3, markMm: 0.3),
            new Technique('abrade-chips', 'Rub through with fine abrasive', TechniqueKind::Abrade, Stage::Chipping, [], Application::Dry, Coverage::Partial,
                'Rubs edges and corners down to the colour below, dry, with soft feathered borders.',
                new Practice(['the lower colour appears as a haze, then a spot'], ['very fine abrasive sponge', 'soft brush for the dust'], 'Misted over with the top colour.',
                    ['The layer below must be hard, or it goes too.', 'Dust mask.'], ['lift-off', 'dry-brush'], 'a light hand on edges'),
                applyMinutes: 8.0, needs: CureState::SolventProof, serviceMonths: 3, markMm: 0.4),
        ];
    }
}
