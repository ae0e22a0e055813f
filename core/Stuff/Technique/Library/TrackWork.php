<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique\Library;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Technique\Application;
use Ulvrach\Stuff\Technique\ColourRole;
use Ulvrach\Stuff\Technique\Coverage;
use Ulvrach\Stuff\Technique\Practice;
use Ulvrach\Stuff\Technique\Stage;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueKind;
use Ulvrach\Stuff\Technique\Want;

/** Tracks, in both traditions. */
final class TrackWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [
            new Technique(
                code: 'track-base',
                name: 'Dark track base',
                kind: TechniqueKind::Colour,
                stage: Stage::Tracks,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#4b4038'),
                application: Application::Airbrush,
                coverage: Coverage::Whole,
                purpose: 'Dark grey or brown, never black, as the ground of the dark tradition.',
                practice: new Practice(
                    signs: ['covered from every side, also between the links'],
                    tools: ['airbrush 0.3 mm', 'track pinned out flat'],
                    undo: 'Another coat over it.',
                    cautions: ['Flexible tracks are painted once mounted, or touched up: bending flakes paint off.'],
                    alternatives: ['track-rust-base'],
                    because: 'both faces',
                ),
                coats: 2,
                setUpMinutes: 10,
                role: ColourRole::Base,
            ),
            new Technique(
                code: 'track-rust-base',
                name: 'Rust track base',
                kind: TechniqueKind::Colour,
                stage: Stage::Tracks,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#7d4528'),
                application: Application::Airbrush,
                coverage: Coverage::Whole,
                purpose: 'A dull rust brown all over; steel is brought back on the faces that run.',
                practice: new Practice(
                    signs: ['dull brown, not orange'],
                    tools: ['airbrush 0.3 mm', 'track pinned out flat'],
                    undo: 'Another coat over it.',
                    cautions: ['A running track is not orange.'],
                    alternatives: ['track-base'],
                    because: 'both faces',
                ),
                coats: 2,
                setUpMinutes: 10,
                role: ColourRole::Rust,
                depictsRust: true,
            ),
            new Technique(
                code: 'track-wash',
                name: 'Track wash',
                kind: TechniqueKind::Wash,
                stage: Stage::Tracks,
                families: [...Families::SPIRIT, BinderFamily::ClayWash, BinderFamily::WaterborneAcrylic],
                wants: new Want(family: BinderFamily::Enamel, colour: '#6a553c'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'A dark or brown wash into the links, drained rather than flooded.',
                practice: new Practice(
                    signs: ['no pool stands between two links'],
                    tools: ['brush', 'second brush to drain'],
                    undo: 'Hardly: it is meant to stay.',
                    cautions: ['Strong thinner loosens glued single links: glaze, do not flood.'],
                    alternatives: ['clay-wash'],
                    because: 'no cleaning',
                ),
                applyMinutes: 6.0,
                role: ColourRole::Grime,
            ),
            new Technique(
                code: 'rubber-pads',
                name: 'Rubber pads',
                kind: TechniqueKind::Detail,
                stage: Stage::Tracks,
                families: Families::PAINTS,
                wants: new Want(family: BinderFamily::WaterborneAcrylic, colour: '#3c3c3b'),
                application: Application::Brush,
                coverage: Coverage::Partial,
                purpose: 'Pads picked out in a dull dark grey.',
                practice: new Practice(
                    signs: ['edges of the steel shoe stay clear'],
                    tools: ['fine brush'],
                    undo: 'Wiped off while wet.',
                    because: 'pad after pad',
                ),
                applyMinutes: 15.0,
                role: ColourRole::Detail,
            ),
            new Technique(
                code: 'track-polish',
                name: 'Polished contact faces',
                kind: TechniqueKind::Metal,
                stage: Stage::Tracks,
                families: [BinderFamily::MetalPencil, ...Families::PAINTS],
                wants: new Want(family: BinderFamily::MetalPencil, colour: '#8d8f90'),
                application: Application::Dry,
                coverage: Coverage::Partial,
                purpose: 'Steel on contact faces, guide teeth and the wheel path, by dry-brush, graphite or pencil.',
                practice: new Practice(
                    signs: ['duller than chrome where grit grinds', 'earth wiped off these faces again'],
                    tools: ['graphite stick or metal pencil', 'old flat brush'],
                    undo: 'Dusted over.',
                    cautions: ['After the earth and the last matte coat.'],
                    alternatives: ['graphite'],
                    because: 'link after link',
                ),
                applyMinutes: 8.0,
                role: ColourRole::Metal,
            ),
        ];
    }
}
