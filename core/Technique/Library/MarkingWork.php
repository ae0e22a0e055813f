<?php

declare(strict_types=1);

namespace Ulvrach\Technique\Library;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Technique\Application;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\Coverage;
use Ulvrach\Technique\Practice;
use Ulvrach\Technique\Stage;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;

final class MarkingWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [
            new Technique('decal', 'Decals', TechniqueKind::Decal, Stage::Markings, [BinderFamily::DecalFilm], Application::Brush, Coverage::Partial,
                'Markings slid from their sheet onto gloss and pressed free of water and air.',
                new Practice(['no silver when tilted under the lamp', 'edges lie down'], ['tweezers', 'soft brush', 'cotton bud', 'warm water'],
                    'Floated off with water while the glue is wet.', ['Hold neighbouring parts in place while measuring.'], [], 'a marking a few minutes'),
                setUpMinutes: 15, applyMinutes: 20.0, role: ColourRole::Marking, sheens: [Sheen::Gloss, Sheen::Satin]),
            new Technique('decal-softener', 'Decal softener', TechniqueKind::Soften, Stage::Markings, [BinderFamily::DecalFilm], Application::Brush, Coverage::Partial,
                'Softens the film in repeated rounds until it lies over rivets and edges.',
                new Practice(['wrinkles, then draws itself flat: do not touch it', 'silver spots left: prick them and do another round'], ['soft brush', 'needle'],
                    'None: the film has taken the shape.', ['Weak softener first: a strong one can eat thin film.'], [], 'two or three rounds'),
                applyMinutes: 4.0, needs: \Ulvrach\Chemistry\CureState::TouchDry),
            new Technique('marking-touch-up', 'Touch up markings', TechniqueKind::Detail, Stage::Markings, Families::PAINTS, Application::Brush, Coverage::Partial,
                'Brings white back where a filter or wash has yellowed it, or wears it with the base colour on a sponge.',
                new Practice(['white again, but not whiter than new'], ['fine brush', 'sponge'], 'Wiped off while wet.', [], [], 'a few strokes'),
                applyMinutes: 5.0, role: ColourRole::Marking),
        ];
    }
}
