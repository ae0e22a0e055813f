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

/** Small parts and what is not painted metal: tools, wood, canvas, rubber, glass. */
final class DetailWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        $small = ['fine brush', 'wet palette', 'magnifier'];

        return [
            new Technique(
                code: 'paint-detail',
                name: 'Paint details',
                kind: TechniqueKind::Detail,
                stage: Stage::Detail,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#2f3233', anyColour: true),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Tools, straps, lights and fittings by hand.',
                practice: new Practice(
                    signs: ['clean edge against the hull'],
                    tools: $small,
                    undo: 'Wiped off while wet.',
                    alternatives: ['brush-colour'],
                    because: 'part after part',
                ),
                applyMinutes: 20.0,
                role: ColourRole::Detail,
            ),
            new Technique(
                code: 'paint-wood',
                name: 'Wood',
                kind: TechniqueKind::Detail,
                stage: Stage::Detail,
                families: Families::BRUSHED,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#9a7448'),
                application: Application::Brush,
                coverage: Coverage::Whole,
                purpose: 'A pale ground, grain drawn along it, a brown glaze over both.',
                practice: new Practice(
                    signs: ['grain runs lengthways', 'worn ends lighter than the middle'],
                    tools: $small,
                    undo: 'Wiped off while wet.',
                    alternatives: ['brush-colour'],
                    because: 'two tones and a glaze',
                ),
                applyMinutes: 22.0,
                role: ColourRole::Detail,
            ),
            new Technique(
                code: 'paint-canvas',
                name: 'Canvas and leather',
                kind: TechniqueKind::Detail,
                stage: Stage::Detail,
                families: Families::BRUSHED,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#a8977a'),
                application: Application::Brush,
                coverage: Coverage::Whole,
                purpose: 'Folds lighter on top, darker below, clearly apart from the hull in colour.',
                practice: new Practice(
                    signs: ['told apart from the hull at arm’s length'],
                    tools: $small,
                    undo: 'Wiped off while wet.',
                    cautions: ['The same colour as the hull makes stowage disappear.'],
                    alternatives: ['brush-colour'],
                    because: 'base, folds, edges',
                ),
                applyMinutes: 20.0,
                role: ColourRole::Detail,
            ),
            new Technique(
                code: 'paint-rubber',
                name: 'Rubber',
                kind: TechniqueKind::Detail,
                stage: Stage::Detail,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#3c3c3b'),
                application: Application::Brush,
                coverage: Coverage::Whole,
                purpose: 'A dull dark grey, never black, with a dusty tread.',
                practice: new Practice(
                    signs: ['duller than the metal beside it'],
                    tools: $small,
                    undo: 'Wiped off while wet.',
                    alternatives: ['brush-colour'],
                    because: 'round the wheel, turning it',
                ),
                applyMinutes: 15.0,
                role: ColourRole::Detail,
            ),
            new Technique(
                code: 'paint-glass',
                name: 'Glass and lenses',
                kind: TechniqueKind::Gloss,
                stage: Stage::Detail,
                families: Families::CLEARS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, sheen: Sheen::Gloss),
                application: Application::Brush,
                coverage: Coverage::Whole,
                purpose: 'Gloss clear, tinted if need be, on lenses, vision blocks and lamps, after the last matte '
                    .'coat.',
                practice: new Practice(
                    signs: ['wet shine without a brush mark'],
                    tools: ['soft brush'],
                    undo: 'Peeled or wiped off while wet.',
                    because: 'a drop for each',
                ),
                applyMinutes: 20.0,
            ),
            new Technique(
                code: 'dry-brush',
                name: 'Dry-brushing',
                kind: TechniqueKind::Chips,
                stage: Stage::Detail,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#b99b66'),
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'A nearly dry brush leaves a lighter tone on edges and raised detail.',
                practice: new Practice(
                    signs: ['nothing comes off on paper any more: begin', 'powdery: too much paint'],
                    tools: ['old flat brush', 'paper towel'],
                    undo: 'Dusted over, hardly wiped off.',
                    alternatives: ['light-tone', 'abrade-chips'],
                    because: 'light strokes across the edges',
                ),
                applyMinutes: 8.0,
                role: ColourRole::Tone,
            ),
            new Technique(
                code: 'metal-paint',
                name: 'Bare metal',
                kind: TechniqueKind::Metal,
                stage: Stage::Detail,
                families: [...Families::PAINTS, BinderFamily::MetalPencil],
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#7f8183'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Bright or dark metal where paint never was or never stays: tool heads, hinges, working '
                    .'faces.',
                practice: new Practice(
                    signs: ['shines when turned, not from everywhere'],
                    tools: [...$small, 'a brush and water for metallics alone'],
                    undo: 'Wiped off while wet.',
                    cautions: [
                        'A brush shared with plain paint carries flakes into it.',
                        'After the last matte coat, or its shine is gone.',
                    ],
                    alternatives: ['graphite'],
                    because: 'edges and faces only',
                ),
                applyMinutes: 12.0,
                role: ColourRole::Metal,
            ),
        ];
    }
}
