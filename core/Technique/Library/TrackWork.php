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

/** Tracks, in both traditions. */
final class TrackWork
{
    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [
            new Technique('track-base', 'Dark track base', TechniqueKind::Colour, Stage::Tracks, Families::PAINTS, Application::Airbrush, Coverage::Whole,
                'Dark grey or brown, never black, as the ground of the dark tradition.',
                new Practice(['covered from every side, also between the links'], ['airbrush 0.3 mm', 'track pinned out flat'], 'Another coat over it.',
                    ['Flexible tracks are painted once mounted, or touched up: bending flakes paint off.'], ['track-rust-base'], 'both faces'),
                coats: 2, setUpMinutes: 10, role: ColourRole::Base),
            new Technique('track-rust-base', 'Rust track base', TechniqueKind::Colour, Stage::Tracks, Families::PAINTS, Application::Airbrush, Coverage::Whole,
                'A dull rust brown all over; steel is brought back on the faces that run.',
                new Practice(['dull brown, not orange'], ['airbrush 0.3 mm', 'track pinned out flat'], 'Another coat over it.', ['A running track is not orange.'], ['track-base'], 'both faces'),
                coats: 2, setUpMinutes: 10, role: ColourRole::Rust, depictsRust: true),
            new Technique('track-wash', 'Track wash', TechniqueKind::Wash, Stage::Tracks, [...Families::SPIRIT, BinderFamily::ClayWash, BinderFamily::WaterborneAcrylic], Application::Brush, Coverage::Partial,
                'A dark or brown wash into the links, drained rather than flooded.',
                new Practice(['no pool stands between two links'], ['brush', 'second brush to drain'], 'Hardly: it is meant to stay.', ['Strong thinner loosens glued single links: glaze, do not flood.'], ['clay-wash'], 'no cleaning'),
                applyMinutes: 6.0, role: ColourRole::Grime),
            new Technique('rubber-pads', 'Rubber pads', TechniqueKind::Detail, Stage::Tracks, Families::PAINTS, Application::Brush, Coverage::Partial,
                'Pads picked out in a dull dark grey.',
                new Practice(['edges of the steel shoe stay clear'], ['fine brush'], 'Wiped off while wet.', [], [], 'pad after pad'),
                applyMinutes: 15.0, role: ColourRole::Detail),
            new Technique('track-polish', 'Polished contact faces', TechniqueKind::Metal, Stage::Tracks, [BinderFamily::MetalPencil, ...Families::PAINTS], Application::Dry, Coverage::Partial,
                'Steel on contact faces, guide teeth and the wheel path, by dry-brush, graphite or pencil.',
                new Practice(['duller than chrome where grit grinds', 'earth wiped off these faces again'], ['graphite stick or metal pencil', 'old flat brush'], 'Dusted over.', ['After the earth and the last matte coat.'], ['graphite'], 'link after link'),
                applyMinutes: 8.0, role: ColourRole::Metal),
        ];
    }
}
