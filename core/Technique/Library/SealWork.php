<?php

declare(strict_types=1);

namespace Ulvrach\Technique\Library;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Technique\Application;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\Coverage;
use Ulvrach\Technique\Practice;
use Ulvrach\Technique\Stage;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;

/** Clear coats, and the little that comes after the last one. */
final class SealWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        $spray = ['airbrush 0.3–0.4 mm', '1.2 bar', '10–12 cm away', 'lamp from the side'];

        return [
            new Technique('clear-coat', 'Clear coat', TechniqueKind::ClearCoat, Stage::Seal, Families::CLEARS, Application::Airbrush, Coverage::Whole,
                'A barrier against the next solvent, and the sheen that the next liquid needs.',
                new Practice(['one even sheen in side light', 'milky: the air is too damp', 'grainy: too far or too dry'], $spray, 'None: what lies below is locked in.',
                    ['Two thin coats; one leaves gaps that a wash finds.', 'Equal parts of gloss and matte make satin.'], [], 'two thin coats'),
                coats: 2, setUpMinutes: 10),
            new Technique('final-coat', 'Final matte coat', TechniqueKind::ClearCoat, Stage::Seal, Families::CLEARS, Application::Airbrush, Coverage::Whole,
                'Evens out patchy sheen at the end.',
                new Practice(['nothing shines that should not', 'frosty white: too heavy'], $spray, 'None.', ['Matte settles: stir it well.'], [], 'two thin coats'),
                coats: 2, setUpMinutes: 10),
            new Technique('wet-spots', 'Wet and oily spots', TechniqueKind::Gloss, Stage::Seal, [...Families::CLEARS, ...Families::SPIRIT], Application::Brush, Coverage::Partial,
                'Gloss where water, fuel or oil stands, after the last matte coat.',
                new Practice(['only where liquid would stand'], ['small brush'], 'Wiped off while wet.', [], ['oil-stain'], 'a few spots'),
                applyMinutes: 4.0),
            new Technique('graphite', 'Graphite', TechniqueKind::Metal, Stage::Seal, [BinderFamily::MetalPencil], Application::Dry, Coverage::Partial,
                'A shine of handled steel on grips, edges and weapons, last of all.',
                new Practice(['shines when turned'], ['soft pencil or powder', 'fingertip'], 'Wiped off.', ['After the last matte coat, or its shine is gone.'], ['metal-paint'], 'edges only'),
                applyMinutes: 4.0, role: ColourRole::Metal),
        ];
    }
}
