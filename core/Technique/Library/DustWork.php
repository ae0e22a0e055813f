<?php

declare(strict_types=1);

namespace Ulvrach\Technique\Library;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\CureState;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Technique\Application;
use Ulvrach\Technique\CleanUpWindow;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\Coverage;
use Ulvrach\Technique\Practice;
use Ulvrach\Technique\Stage;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;

/** Dust, mud, and what holds them. */
final class DustWork
{
    private const MUD = [BinderFamily::MudPaste, BinderFamily::BoundPigment];

    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [...self::dust(), ...self::mud(), ...self::fixing()];
    }

    /** @return list<Technique> */
    private static function dust(): array
    {
        $matte = [Sheen::Matte, Sheen::Satin];

        return [
            new Technique('dust-mist', 'Dust mist', TechniqueKind::Shade, Stage::Dust, Families::PAINTS, Application::Airbrush, Coverage::Grain,
                'A thin sprayed veil of a buff or earth tone, denser at the bottom.',
                new Practice(['seen in side light, not from the front'], ['airbrush 0.3 mm', '1 bar', '15 cm away'], 'Misted over.', ['It dries lighter than it looks.'], ['dry-pigment', 'oil-dust'], 'a veil'),
                setUpMinutes: 10, applyMinutes: 2.0, role: ColourRole::Dust),
            new Technique('dust-coat', 'Dust coat to be rubbed off', TechniqueKind::Colour, Stage::Dust, [BinderFamily::WaterborneAcrylic], Application::Airbrush, Coverage::Whole,
                'Earth paint sprayed over chipping fluid, then rubbed off with a damp brush where crew and rain have been.',
                new Practice(['thin enough to see the paint through it'], ['airbrush 0.3 mm', '1 bar'], 'Comes off with water inside its window.', ['Chipping fluid goes below it.'], ['dust-mist'], 'one thin coat'),
                setUpMinutes: 10, role: ColourRole::Dust),
            new Technique('oil-dust', 'Oil or enamel dust', TechniqueKind::Blend, Stage::Dust, Families::SPIRIT, Application::Brush, Coverage::Partial,
                'Earth tones put into corners and blended out, streaked on slopes.',
                new Practice(['no border left when blended'], ['soft brush, just damp', 'two pools of thinner'], 'Wiped off with spirit inside its window.', [], ['dust-mist', 'dry-pigment'], 'corner by corner'),
                applyMinutes: 5.0, cleanMinutes: 8.0, cleanUp: new CleanUpWindow(10, 240, 1440, 'no longer shining'), role: ColourRole::Dust, sheens: $matte),
            new Technique('dry-pigment', 'Dry pigment', TechniqueKind::Pigment, Stage::Dust, [BinderFamily::DryPigment], Application::Dry, Coverage::Grain,
                'Dust and dry earth, laid loose where it would settle.',
                new Practice(['looks too light wet, right when dry'], ['soft brush', 'particle mask'], 'Brushed and blown off, never all of it.', ['Rubs off under a finger until it is fixed.'], ['dust-mist', 'oil-dust'], 'strewn and tapped'),
                applyMinutes: 6.0, needs: CureState::TouchDry, role: ColourRole::Dust, sheens: [Sheen::Matte, Sheen::Satin]),
            new Technique('rust-pigment', 'Rust pigment', TechniqueKind::Pigment, Stage::Dust, [BinderFamily::DryPigment], Application::Dry, Coverage::Grain,
                'Dry rust tones on exhausts, spare links and scraped edges.',
                new Practice(['two or three tones, the lightest least'], ['soft brush', 'particle mask'], 'Brushed off, never all of it.', [], ['rust-wash', 'rust-layers'], 'strewn and tapped'),
                applyMinutes: 6.0, needs: CureState::TouchDry, role: ColourRole::Rust, sheens: [Sheen::Matte, Sheen::Satin], depictsRust: true, serviceMonths: 3),
        ];
    }

    /** @return list<Technique> */
    private static function mud(): array
    {
        return [
            new Technique('mud-paste', 'Mud paste', TechniqueKind::Mud, Stage::Dust, self::MUD, Application::Brush, Coverage::Partial,
                'Dry light mud with pigment, plaster and fibres, where the shape of the part would catch it.',
                new Practice(['different thickness, wiped off raised parts'], ['old brush', 'stick'], 'Picked and brushed off while soft.', ['Light and dry mud first, wet mud last.'], ['mud-splash'], 'dabbed, then wiped back'),
                applyMinutes: 10.0, role: ColourRole::Mud, markMm: 0.5),
            new Technique('mud-fibres', 'Fibres and grass', TechniqueKind::Mud, Stage::Dust, self::MUD, Application::Brush, Coverage::Partial,
                'Short fibres in the mud of tracks, wheels and undersides.',
                new Practice(['shorter than a blade of grass at this scale'], ['tweezers', 'fibres cut short'], 'Picked out while soft.', ['Two millimetres are seven centimetres at 1:35.'], [], 'a pinch here and there'),
                applyMinutes: 6.0, role: ColourRole::Mud, markMm: 1.0),
            new Technique('mud-splash', 'Mud splashes', TechniqueKind::Mud, Stage::Dust, [...self::MUD, ...Families::SPIRIT, BinderFamily::WaterborneAcrylic], Application::Brush, Coverage::Partial,
                'Flicked from a brush or blown with the airbrush; more at the rear and behind the wheels.',
                new Practice(['try the load on card: fine drops, few large ones'], ['stiff brush and a stick', 'airbrush for blowing', 'card as a shield'], 'Wiped off while wet.', ['Streaks go the way the vehicle drives.'], ['speckle', 'mud-paste'], 'aimed bursts'),
                applyMinutes: 5.0, role: ColourRole::Mud, markMm: 0.3),
            new Technique('speckle', 'Speckling', TechniqueKind::Mud, Stage::Dust, [...self::MUD, ...Families::SPIRIT, BinderFamily::WaterborneAcrylic], Application::Brush, Coverage::Partial,
                'A fine spray of drops in several tones that breaks up even faces.',
                new Practice(['dots that the eye does not count'], ['stiff brush and a stick', 'card as a shield'], 'Wiped off while wet.', ['Less is more.'], ['mud-splash'], 'a few bursts'),
                applyMinutes: 3.0, role: ColourRole::Mud, markMm: 0.2),
            new Technique('wet-mud', 'Wet mud', TechniqueKind::Mud, Stage::Dust, [...self::MUD, ...Families::SPIRIT], Application::Brush, Coverage::Partial,
                'Darker, smaller, with a little gloss: fresh mud on top of the dry.',
                new Practice(['shines only where it would be wet'], ['brush', 'gloss medium'], 'Wiped off while wet.', ['After the last matte coat, or its shine is gone.'], ['mud-splash'], 'spots'),
                applyMinutes: 6.0, role: ColourRole::Mud, markMm: 0.5),
        ];
    }

    /** @return list<Technique> */
    private static function fixing(): array
    {
        return [
            self::fix('fix-pigment', 'Fix pigment', [BinderFamily::BoundPigment, BinderFamily::WaterborneAcrylic, BinderFamily::Enamel], Application::Brush,
                'Fixer, medium or spirit creeps into the pigment and holds it.', 'fix-varnish'),
            self::fix('fix-water', 'Set pigment with water', [BinderFamily::BoundPigment, BinderFamily::WaterborneAcrylic], Application::Brush,
                'Water with a little medium sets pigment where it lies; it still rubs off.', 'fix-pigment'),
            self::fix('fix-varnish', 'Fix pigment under varnish', Families::CLEARS, Application::Airbrush,
                'A light mist of matte clear; it swallows part of the dust.', 'fix-pigment'),
        ];
    }

    /** @param  list<BinderFamily>  $families */
    private static function fix(string $code, string $name, array $families, Application $by, string $purpose, string $alternative): Technique
    {
        return new Technique($code, $name, TechniqueKind::FixPigment, Stage::Dust, $families, $by, Coverage::Grain, $purpose,
            new Practice(['dark while wet, pale again when dry', 'a tide mark: feather its rim with clean thinner'], ['pipette or loaded brush'], 'None.',
                ['Let it creep in from the edge, touching nothing.'], [$alternative], 'drop by drop'),
            applyMinutes: 4.0, needs: CureState::TouchDry);
    }
}
