<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique\Library;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Load;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Practice;
use Ulvrach\Stuff\Technique\Stage;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueKind;
use Ulvrach\Stuff\Technique\Want;

final class MarkingWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [
            new Technique(
                code: 'decal',
                name: 'Decals',
                kind: TechniqueKind::Decal,
                stage: Stage::Markings,
                families: [BinderFamily::DecalFilm],
                wants: new Want(family: BinderFamily::DecalFilm, colour: '#e9e6dc', anyColour: true),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Markings slid from their sheet onto gloss and pressed free of water and air.',
                practice: new Practice(
                    signs: ['no silver when tilted under the lamp', 'edges lie down'],
                    tools: ['tweezers', 'soft brush', 'cotton bud', 'warm water'],
                    undo: 'Floated off with water while the glue is wet.',
                    cautions: ['Hold neighbouring parts in place while measuring.'],
                    because: 'a marking a few minutes',
                ),
                setUpMinutes: 15,
                applyMinutes: 20.0,
                role: ColourRole::Marking,
                sheens: [Sheen::Gloss, Sheen::Satin],
            ),
            new Technique(
                code: 'decal-softener',
                name: 'Decal softener',
                kind: TechniqueKind::Soften,
                stage: Stage::Markings,
                families: [BinderFamily::DecalFilm],
                wants: new Want(family: BinderFamily::DecalFilm),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Softens the film in repeated rounds until it lies over rivets and edges.',
                practice: new Practice(
                    signs: [
                        'wrinkles, then draws itself flat: do not touch it',
                        'silver spots left: prick them and do another round',
                    ],
                    tools: ['soft brush', 'needle'],
                    undo: 'None: the film has taken the shape.',
                    cautions: ['Weak softener first: a strong one can eat thin film.'],
                    because: 'two or three rounds',
                ),
                applyMinutes: 4.0,
                needs: \Ulvrach\Stuff\Chemistry\CureState::TouchDry,
            ),
            new Technique(
                code: 'prick-silver',
                name: 'Prick silver and soften again',
                kind: TechniqueKind::Soften,
                stage: Stage::Markings,
                families: [BinderFamily::DecalFilm],
                wants: new Want(family: BinderFamily::DecalFilm),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Air under the film, seen as silver in side light, is let out with a needle and softened '
                    .'down.',
                practice: new Practice(
                    signs: ['silver in side light: prick it', 'the spot has gone dark: done'],
                    tools: ['new needle', 'soft brush', 'side lamp'],
                    undo: 'None: the film has taken the shape.',
                    cautions: ['Before the clear coat: under it the silver stays.'],
                    alternatives: ['decal-softener'],
                    because: 'spot after spot',
                ),
                load: Load::Dab,
                applyMinutes: 3.0,
                needs: \Ulvrach\Stuff\Chemistry\CureState::TouchDry,
            ),
            new Technique(
                code: 'marking-touch-up',
                name: 'Touch up markings',
                kind: TechniqueKind::Detail,
                stage: Stage::Markings,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#e4e1d6'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Brings white back where a filter or wash has yellowed it, or wears it with the base colour '
                    .'on a sponge.',
                practice: new Practice(
                    signs: ['white again, but not whiter than new'],
                    tools: ['fine brush', 'sponge'],
                    undo: 'Wiped off while wet.',
                    because: 'a few strokes',
                ),
                applyMinutes: 5.0,
                role: ColourRole::Marking,
            ),
        ];
    }
}
