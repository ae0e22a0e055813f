<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

/**
 * What every kind of work is like. A new kind is a case of TechniqueKind and a row here: rules, physics, drying,
 * quantities, schedule and pictures ask for natures. Where the amounts come from: docs/quantities.md.
 */
final class Kinds
{
    /** @var array<string, Kind>|null by code */
    private static ?array $all = null;

    public static function of(TechniqueKind $code): Kind
    {
        return self::all()[$code->value];
    }

    /** @return list<Kind> that have one of these natures */
    public static function being(Nature ...$natures): array
    {
        return array_values(array_filter(self::all(), static fn (Kind $kind) => $kind->isAny(...$natures)));
    }

    /** @return array<string, Kind> by code */
    private static function all(): array
    {
        if (self::$all === null) {
            self::$all = [];
            foreach ([self::ground(), self::coats(), self::tints(), self::marks(), self::hands()] as $group) {
                foreach ($group as $kind) {
                    self::$all[$kind->code->value] = $kind;
                }
            }
        }

        return self::$all;
    }

    /** @return list<Kind> */
    private static function ground(): array
    {
        return [
            new Kind(
                code: TechniqueKind::Prime,
                natures: [Nature::Prime, Nature::Paint, Nature::LeavesFilm, Nature::Hides],
                question: 'is the primer whole on every edge and on both sides?',
            ),
            new Kind(
                code: TechniqueKind::Sculpt,
                natures: [Nature::Sculpt, Nature::LeavesFilm, Nature::WorkedWet, Nature::CanPause],
                wetFilm: 1.5,
            ),
            new Kind(
                code: TechniqueKind::Join,
                natures: [Nature::Join, Nature::LocksIn, Nature::CanPause],
                wetFilm: 1.5,
            ),
            new Kind(code: TechniqueKind::Prepare, natures: [Nature::Prepare]),
        ];
    }

    /** @return list<Kind> */
    private static function coats(): array
    {
        $covers = 'does “{jar}” cover everywhere it should, without dust in it?';

        return [
            new Kind(
                code: TechniqueKind::Colour,
                natures: [Nature::Colour, Nature::CoatOfPaint, Nature::Paint, Nature::LeavesFilm, Nature::Hides],
                question: $covers,
            ),
            new Kind(
                code: TechniqueKind::Shade,
                natures: [Nature::Shade, Nature::CoatOfPaint, Nature::Paint, Nature::LeavesFilm],
                question: $covers,
            ),
            new Kind(
                code: TechniqueKind::Detail,
                natures: [
                    Nature::Detail,
                    Nature::Paint,
                    Nature::LeavesFilm,
                    Nature::Spots,
                    Nature::Hides,
                    Nature::CanPause,
                ],
                question: 'is any small part forgotten, or painted over its edge?',
            ),
            new Kind(
                code: TechniqueKind::ClearCoat,
                natures: [Nature::ClearCoat, Nature::LeavesFilm, Nature::LocksIn],
            ),
            new Kind(
                code: TechniqueKind::ReleaseFilm,
                natures: [Nature::ReleaseFilm, Nature::LeavesFilm, Nature::LocksIn],
                question: 'are all chips lifted that shall be?',
            ),
            new Kind(
                code: TechniqueKind::Decal,
                natures: [Nature::Decal, Nature::LeavesFilm, Nature::CanPause],
                question: 'do the markings lie flat, without silver, straight and where they belong?',
            ),
            new Kind(code: TechniqueKind::Gloss, natures: [Nature::Gloss, Nature::LeavesFilm, Nature::Spots]),
        ];
    }

    /** @return list<Kind> */
    private static function tints(): array
    {
        $tint = [Nature::Tint, Nature::LeavesFilm, Nature::WorkedWet, Nature::Weathering];

        return [
            new Kind(
                code: TechniqueKind::Filter,
                natures: [Nature::Filter, ...$tint],
                wetFilm: 0.4,
                paint: 0.12,
                question: 'has the filter dried without a rim or pool?',
            ),
            new Kind(
                code: TechniqueKind::Wash,
                natures: [Nature::Wash, Nature::DrawnOff, ...$tint],
                // Floods the surface, and most of it is wiped off again.
                wetFilm: 0.8,
                paint: 0.12,
                question: 'are tide marks cleaned off, and no recess left out?',
            ),
            new Kind(
                code: TechniqueKind::Blend,
                natures: [Nature::Blend, Nature::DrawnOff, ...$tint],
                wetFilm: 0.1,
                question: 'are tide marks cleaned off, and no recess left out?',
            ),
            new Kind(
                code: TechniqueKind::Streak,
                natures: [Nature::Streak, Nature::DrawnOff, Nature::Spots, ...$tint],
                wetFilm: 0.1,
                paint: 0.3,
                question: 'does every streak start at something and run the right way?',
            ),
        ];
    }

    /** @return list<Kind> */
    private static function marks(): array
    {
        $gathers = 'does the earth lie where it would gather, with the raised parts wiped?';

        return [
            new Kind(
                code: TechniqueKind::Chips,
                natures: [
                    Nature::Chips,
                    Nature::Wear,
                    Nature::Weathering,
                    Nature::LeavesFilm,
                    Nature::Spots,
                    Nature::Hides,
                    Nature::CanPause,
                ],
                wetFilm: 0.15,
                question: 'are the chips where boots and hands go, and enough?',
            ),
            new Kind(
                code: TechniqueKind::Metal,
                natures: [Nature::Metal, Nature::LeavesFilm, Nature::Spots, Nature::CanPause],
                wetFilm: 0.15,
            ),
            new Kind(
                code: TechniqueKind::Pigment,
                natures: [
                    Nature::Pigment,
                    Nature::Earth,
                    Nature::Weathering,
                    Nature::LeavesFilm,
                    Nature::WorkedWet,
                ],
                // Powder and paste, as they lie: a tenth of a millimetre of dust, one of mud.
                wetFilm: 0.6,
                question: $gathers,
            ),
            new Kind(
                code: TechniqueKind::Mud,
                natures: [
                    Nature::Mud,
                    Nature::Earth,
                    Nature::Weathering,
                    Nature::LeavesFilm,
                    Nature::WorkedWet,
                    Nature::Spots,
                ],
                wetFilm: 8.0,
                question: $gathers,
            ),
            new Kind(code: TechniqueKind::LiftOff, natures: [Nature::LiftOff, Nature::Wear]),
            new Kind(code: TechniqueKind::Abrade, natures: [Nature::Abrade, Nature::Wear]),
        ];
    }

    /** @return list<Kind> work that leaves no film of its own */
    private static function hands(): array
    {
        return [
            new Kind(code: TechniqueKind::Mask, natures: [Nature::Mask, Nature::CanPause]),
            new Kind(code: TechniqueKind::Unmask, natures: [Nature::Unmask]),
            new Kind(
                code: TechniqueKind::Soften,
                natures: [Nature::Soften, Nature::WorkedWet],
                wetFilm: 0.4,
            ),
            new Kind(
                code: TechniqueKind::FixPigment,
                natures: [Nature::FixPigment, Nature::LocksIn],
                wetFilm: 1.0,
            ),
            new Kind(code: TechniqueKind::Look, natures: [Nature::Look]),
            new Kind(code: TechniqueKind::TestPatch, natures: [Nature::TestPatch]),
            new Kind(code: TechniqueKind::CleanUp, natures: [Nature::CleanUp]),
            new Kind(code: TechniqueKind::WarmAir, natures: [Nature::WarmAir]),
        ];
    }
}
