<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique\Library;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Practice;
use Ulvrach\Stuff\Technique\Stage;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueKind;
use Ulvrach\Stuff\Technique\Want;

/** Clear coats, and the little that comes after the last one. */
final class SealWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        $spray = ['airbrush 0.3–0.4 mm', '1.2 bar', '10–12 cm away', 'lamp from the side'];

        return [
            new Technique(
                code: 'clear-coat',
                name: 'Clear coat',
                kind: TechniqueKind::ClearCoat,
                stage: Stage::Seal,
                families: Families::CLEARS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, sheen: Sheen::Gloss),
                application: Application::Airbrush,
                coverage: Coverage::Whole,
                purpose: 'A barrier against the next solvent, and the sheen that the next liquid needs.',
                practice: new Practice(
                    signs: [
                        'one even sheen in side light',
                        'milky: the air is too damp',
                        'grainy: too far or too dry',
                    ],
                    tools: $spray,
                    undo: 'None: what lies below is locked in.',
                    cautions: [
                        'Two thin coats; one leaves gaps that a wash finds.',
                        'Equal parts of gloss and matte make satin.',
                    ],
                    because: 'two thin coats',
                ),
                coats: 2,
                setUpMinutes: 10,
            ),
            new Technique(
                code: 'final-coat',
                name: 'Final matte coat',
                kind: TechniqueKind::ClearCoat,
                stage: Stage::Seal,
                families: Families::CLEARS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, sheen: Sheen::Matte),
                application: Application::Airbrush,
                coverage: Coverage::Whole,
                purpose: 'Evens out patchy sheen at the end.',
                practice: new Practice(
                    signs: ['nothing shines that should not', 'frosty white: too heavy'],
                    tools: $spray,
                    undo: 'None.',
                    cautions: ['Matte settles: stir it well.'],
                    because: 'two thin coats',
                ),
                coats: 2,
                setUpMinutes: 10,
            ),
            new Technique(
                code: 'wet-spots',
                name: 'Wet and oily spots',
                kind: TechniqueKind::Gloss,
                stage: Stage::Seal,
                families: [...Families::CLEARS, ...Families::SPIRIT],
                wants: new Want(family: BinderFamily::WaterborneAcrylic, sheen: Sheen::Gloss),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Gloss where water, fuel or oil stands, after the last matte coat.',
                practice: new Practice(
                    signs: ['only where liquid would stand'],
                    tools: ['small brush'],
                    undo: 'Wiped off while wet.',
                    alternatives: ['oil-stain'],
                    because: 'a few spots',
                ),
                applyMinutes: 4.0,
            ),
            new Technique(
                code: 'graphite',
                name: 'Graphite',
                kind: TechniqueKind::Metal,
                stage: Stage::Seal,
                families: [BinderFamily::MetalPencil],
                wants: new Want(family: BinderFamily::MetalPencil, colour: '#8d8f90'),
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'A shine of handled steel on grips, edges and weapons, last of all.',
                practice: new Practice(
                    signs: ['shines when turned'],
                    tools: ['soft pencil or powder', 'fingertip'],
                    undo: 'Wiped off.',
                    cautions: ['After the last matte coat, or its shine is gone.'],
                    alternatives: ['metal-paint'],
                    because: 'edges only',
                ),
                applyMinutes: 4.0,
                role: ColourRole::Metal,
            ),
        ];
    }
}
