<?php

declare(strict_types=1);

namespace Ulvrach\Technique;

use Ulvrach\Chemistry\BinderFamily;

/**
 * Every technique that a step can name. Minutes are one practised pair of hands on a 1:35 model (docs/sources.md,
 * "hands-on times"); the clean-up takes two to three times as long as the wash.
 */
final class TechniqueLibrary
{
    /** @var array<string, Technique>|null */
    private static ?array $byCode = null;

    /** @throws UnknownTechnique */
    public static function get(string $code): Technique
    {
        return self::all()[$code] ?? throw UnknownTechnique::code($code);
    }

    public static function has(string $code): bool
    {
        return isset(self::all()[$code]);
    }

    /** @return array<string, Technique> in the usual order of work */
    public static function all(): array
    {
        return self::$byCode ??= array_column([
            ...self::ground(), ...self::colour(), ...self::chipping(), ...self::markings(),
            ...self::tint(), ...self::wear(), ...self::dust(), ...self::seal(),
        ], null, 'code');
    }

    /** @return list<Technique> */
    private static function ground(): array
    {
        return [
            new Technique('test-patch', 'Test patch', TechniqueKind::TestPatch, Stage::Ground, self::everything(), Application::Brush, Coverage::Partial,
                'Tries a risky combination on the underside or a scrap before it reaches the model.', setUpMinutes: 10, applyMinutes: 0.0),
            new Technique('prime', 'Prime', TechniqueKind::Prime, Stage::Ground, self::paints(), Application::Airbrush, Coverage::Whole,
                'One hard skin with grip over plastic, resin and metal alike.', coats: 2, setUpMinutes: 15),
        ];
    }

    /** @return list<Technique> */
    private static function colour(): array
    {
        return [
            new Technique('spray-colour', 'Spray a colour', TechniqueKind::Colour, Stage::Colour, self::paints(), Application::Airbrush, Coverage::Whole,
                'Base tone, modulation or camouflage in thin coats.', coats: 2, setUpMinutes: 10),
            new Technique('brush-colour', 'Brush a colour', TechniqueKind::Colour, Stage::Colour, self::paints(), Application::Brush, Coverage::Whole,
                'Tools, rubber, stowage and repairs by hand.', applyMinutes: 15.0),
            new Technique('mask', 'Mask', TechniqueKind::Mask, Stage::Colour, [BinderFamily::MaskingFilm], Application::Dry, Coverage::Partial,
                'Holds an edge while the next colour goes on.', applyMinutes: 10.0),
            new Technique('unmask', 'Take masks off', TechniqueKind::Unmask, Stage::Colour, [], Application::Dry, Coverage::Partial,
                'Pulls tape or putty as soon as the paint is touch-dry.', setUpMinutes: 2, applyMinutes: 3.0),
        ];
    }

    /** @return list<Technique> */
    private static function chipping(): array
    {
        $release = 'Keeps the next colour from holding, so that water can lift chips out of it.';

        return [
            new Technique('chipping-fluid', 'Chipping fluid', TechniqueKind::ReleaseFilm, Stage::Chipping, [BinderFamily::ChippingFluid],
                Application::Airbrush, Coverage::Whole, $release, coats: 2),
            new Technique('hairspray', 'Hairspray', TechniqueKind::ReleaseFilm, Stage::Chipping, [BinderFamily::Hairspray],
                Application::Airbrush, Coverage::Whole, $release, coats: 2),
            new Technique('lift-off', 'Lift chips with water', TechniqueKind::LiftOff, Stage::Chipping, [], Application::Scrub, Coverage::Partial,
                'Wets the colour, waits for the film below to swell, and works flakes off with a stiff brush.', applyMinutes: 12.0),
        ];
    }

    /** @return list<Technique> */
    private static function markings(): array
    {
        return [
            new Technique('decal', 'Decals', TechniqueKind::Decal, Stage::Markings, [BinderFamily::DecalFilm], Application::Brush, Coverage::Partial,
                'Markings, with softener in repeated rounds until they lie over the detail.', setUpMinutes: 15, applyMinutes: 20.0),
        ];
    }

    /** @return list<Technique> */
    private static function tint(): array
    {
        $spirit = [BinderFamily::Enamel, BinderFamily::ArtistOil];
        $dull = new CleanUpWindow(20, 240, 1440, 'dull, no longer glossy');
        $oil = new CleanUpWindow(10, 240, 1440, 'the drained oil has stopped shining');

        return [
            new Technique('filter', 'Filter', TechniqueKind::Filter, Stage::Tint, $spirit, Application::Brush, Coverage::Partial,
                'One thin transparent tint that pulls the colours together.', applyMinutes: 4.0),
            new Technique('enamel-wash', 'Enamel wash', TechniqueKind::Wash, Stage::Tint, [BinderFamily::Enamel], Application::Brush, Coverage::Partial,
                'Runs along lines and around detail, then is cleaned off the raised faces.', applyMinutes: 3.3, cleanMinutes: 10.0, cleanUp: $dull),
            new Technique('oil-wash', 'Oil wash', TechniqueKind::Wash, Stage::Tint, [BinderFamily::ArtistOil], Application::Brush, Coverage::Partial,
                'As an enamel wash, with longer to blend and far longer to dry.', applyMinutes: 3.3, cleanMinutes: 10.0, cleanUp: $oil),
            new Technique('clay-wash', 'Clay wash', TechniqueKind::Wash, Stage::Tint, [BinderFamily::ClayWash], Application::Brush, Coverage::Partial,
                'Dries to a powder in the recesses and wipes off with damp paper.', applyMinutes: 3.3, cleanMinutes: 6.0,
                cleanUp: new CleanUpWindow(20, null, null, 'powdery and pale all over')),
        ];
    }

    /** @return list<Technique> */
    private static function wear(): array
    {
        $streak = new CleanUpWindow(10, 240, 1440, 'dull at its edges');
        $spirit = [BinderFamily::Enamel, BinderFamily::ArtistOil];

        return [
            new Technique('brush-chips', 'Chips by brush', TechniqueKind::Chips, Stage::Wear, self::paints(), Application::Brush, Coverage::Partial,
                'Light rim first, dark core inside it, where crews climb and things rub.', applyMinutes: 15.0),
            new Technique('sponge-chips', 'Chips by sponge', TechniqueKind::Chips, Stage::Wear, self::paints(), Application::Sponge, Coverage::Partial,
                'Rash-like rub marks from a torn sponge, blotted first.', applyMinutes: 6.0),
            new Technique('pencil-chips', 'Chips by pencil', TechniqueKind::Chips, Stage::Wear, [BinderFamily::MetalPencil], Application::Dry, Coverage::Partial,
                'The finest bare-metal edges and scratches.', applyMinutes: 5.0),
            new Technique('rust-wash', 'Rust wash', TechniqueKind::Wash, Stage::Wear, $spirit, Application::Brush, Coverage::Partial,
                'Rust tones, dark first, lighter and smaller towards the source.', applyMinutes: 5.0, cleanMinutes: 8.0,
                cleanUp: new CleanUpWindow(20, 240, 1440, 'dull, no longer glossy'), depictsRust: true),
            new Technique('rust-streak', 'Rust streaks', TechniqueKind::Streak, Stage::Wear, $spirit, Application::Brush, Coverage::Partial,
                'Starts at a chip or bolt, drawn down with a just damp flat brush.', applyMinutes: 6.0, cleanMinutes: 8.0,
                cleanUp: $streak, depictsRust: true, needsSource: true),
            new Technique('grime-streak', 'Grime and rain streaks', TechniqueKind::Streak, Stage::Wear, $spirit, Application::Brush, Coverage::Partial,
                'Starts at an edge, strongest at the top, fading downwards.', applyMinutes: 6.0, cleanMinutes: 8.0, cleanUp: $streak),
        ];
    }

    /** @return list<Technique> */
    private static function dust(): array
    {
        return [
            new Technique('dust-mist', 'Dust mist', TechniqueKind::Colour, Stage::Dust, self::paints(), Application::Airbrush, Coverage::Grain,
                'A thin sprayed veil of a buff or earth tone.', setUpMinutes: 10, applyMinutes: 2.0),
            new Technique('dry-pigment', 'Dry pigment', TechniqueKind::Pigment, Stage::Dust, [BinderFamily::DryPigment], Application::Dry, Coverage::Grain,
                'Dust and dry earth, laid loose where it would settle.', applyMinutes: 6.0),
            new Technique('rust-pigment', 'Rust pigment', TechniqueKind::Pigment, Stage::Dust, [BinderFamily::DryPigment], Application::Dry, Coverage::Grain,
                'Dry rust tones on exhausts, spare links and scraped edges.', applyMinutes: 6.0, depictsRust: true),
            new Technique('fix-pigment', 'Fix pigment', TechniqueKind::FixPigment, Stage::Dust,
                [BinderFamily::BoundPigment, BinderFamily::WaterborneAcrylic, BinderFamily::Enamel], Application::Brush, Coverage::Grain,
                'Lets fixer, medium or spirit creep in from the edge, touching nothing.', applyMinutes: 4.0),
        ];
    }

    /** @return list<Technique> */
    private static function seal(): array
    {
        $clear = [BinderFamily::WaterborneAcrylic, BinderFamily::AlcoholAcrylic, BinderFamily::Lacquer];

        return [
            new Technique('clear-coat', 'Clear coat', TechniqueKind::ClearCoat, Stage::Seal, $clear, Application::Airbrush, Coverage::Whole,
                'A barrier against the next solvent, and the sheen that the next liquid needs.', coats: 2, setUpMinutes: 10),
            new Technique('final-coat', 'Final matte coat', TechniqueKind::ClearCoat, Stage::Seal, $clear, Application::Airbrush, Coverage::Whole,
                'Evens out patchy sheen at the end.', coats: 2, setUpMinutes: 10),
        ];
    }

    /** @return list<BinderFamily> */
    private static function paints(): array
    {
        return [BinderFamily::WaterborneAcrylic, BinderFamily::AlcoholAcrylic, BinderFamily::Lacquer, BinderFamily::Enamel];
    }

    /** @return list<BinderFamily> */
    private static function everything(): array
    {
        return BinderFamily::cases();
    }
}
