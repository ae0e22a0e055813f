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

/** Small parts and what is not painted metal: tools, wood, canvas, rubber, glass. */
final class DetailWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        $small = ['fine brush', 'wet palette', 'magnifier'];

        return [
            new Technique('paint-detail', 'Paint details', TechniqueKind::Detail, Stage::Detail, Families::PAINTS, Application::Brush, Coverage::Partial,
                'Tools, straps, lights and fittings by hand.',
                new Practice(['clean edge against the hull'], $small, 'Wiped off while wet.', [], ['brush-colour'], 'part after part'),
                applyMinutes: 20.0, role: ColourRole::Detail),
            new Technique('paint-wood', 'Wood', TechniqueKind::Detail, Stage::Detail, Families::BRUSHED, Application::Brush, Coverage::Whole,
                'A pale ground, grain drawn along it, a brown glaze over both.',
                new Practice(['grain runs lengthways', 'worn ends lighter than the middle'], $small, 'Wiped off while wet.', [], ['brush-colour'], 'two tones and a glaze'),
                applyMinutes: 22.0, role: ColourRole::Detail),
            new Technique('paint-canvas', 'Canvas and leather', TechniqueKind::Detail, Stage::Detail, Families::BRUSHED, Application::Brush, Coverage::Whole,
                'Folds lighter on top, darker below, clearly apart from the hull in colour.',
                new Practice(['told apart from the hull at arm’s length'], $small, 'Wiped off while wet.', ['The same colour as the hull makes stowage disappear.'], ['brush-colour'], 'base, folds, edges'),
                applyMinutes: 20.0, role: ColourRole::Detail),
            new Technique('paint-rubber', 'Rubber', TechniqueKind::Detail, Stage::Detail, Families::PAINTS, Application::Brush, Coverage::Whole,
                'A dull dark grey, never black, with a dusty tread.',
                new Practice(['duller than the metal beside it'], $small, 'Wiped off while wet.', [], ['brush-colour'], 'round the wheel, turning it'),
                applyMinutes: 15.0, role: ColourRole::Detail),
            new Technique('paint-glass', 'Glass and lenses', TechniqueKind::Gloss, Stage::Detail, Families::CLEARS, Application::Brush, Coverage::Whole,
                'Gloss clear, tinted if need be, on lenses, vision blocks and lamps, after the last matte coat.',
                new Practice(['wet shine without a brush mark'], ['soft brush'], 'Peeled or wiped off while wet.', [], [], 'a drop for each'),
                applyMinutes: 20.0),
            new Technique('dry-brush', 'Dry-brushing', TechniqueKind::Chips, Stage::Detail, Families::PAINTS, Application::Dry, Coverage::Partial,
                'A nearly dry brush leaves a lighter tone on edges and raised detail.',
                new Practice(['nothing comes off on paper any more: begin', 'powdery: too much paint'], ['old flat brush', 'paper towel'], 'Dusted over, hardly wiped off.', [], ['light-tone', 'abrade-chips'],
                    'light strokes across the edges'),
                applyMinutes: 8.0, role: ColourRole::Tone),
            new Technique('metal-paint', 'Bare metal', TechniqueKind::Metal, Stage::Detail, [...Families::PAINTS, BinderFamily::MetalPencil], Application::Brush, Coverage::Partial,
                'Bright or dark metal where paint never was or never stays: tool heads, hinges, working faces.',
                new Practice(['shines when turned, not from everywhere'], [...$small, 'a brush and water for metallics alone'], 'Wiped off while wet.',
                    ['A brush shared with plain paint carries flakes into it.', 'After the last matte coat, or its shine is gone.'], ['graphite'], 'edges and faces only'),
                applyMinutes: 12.0, role: ColourRole::Metal),
        ];
    }
}
