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

/** Applied chips, rust, exhausts, streaks and stains. */
final class WearWork
{
    private const DRAWING = ['pointed brush', 'clean flat brush, just damp', 'two pools of thinner'];

    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [...self::chips(), ...self::rust(), ...self::streaks()];
    }

    /** @return list<Technique> */
    private static function chips(): array
    {
        $where = 'Where crews climb, where things rub, on edges and raised welds; not in sheltered corners.';

        return [
            new Technique('light-chips', 'Light rim of chips', TechniqueKind::Chips, Stage::Wear, Families::BRUSHED, Application::Brush, Coverage::Partial,
                'The base colour lightened, as scratches and as the outline that a dark chip will lie in.',
                new Practice(['lighter than the paint, not white'], ['finest brush', 'magnifier'], 'Wiped off while wet.', [$where], ['brush-chips'], 'as many as will be filled later'),
                applyMinutes: 10.0, role: ColourRole::Tone, serviceMonths: 1, markMm: 0.2),
            new Technique('brush-chips', 'Chips by brush', TechniqueKind::Chips, Stage::Wear, Families::BRUSHED, Application::Brush, Coverage::Partial,
                'Dark core inside a light rim, a lip of light left at the lower edge.',
                new Practice(['the core never reaches over its rim', 'little, then look, then more'], ['finest brush', 'magnifier'], 'Wiped off while wet.', [$where],
                    ['sponge-chips', 'lift-off', 'pencil-chips'], 'chip after chip'),
                applyMinutes: 15.0, role: ColourRole::Chip, serviceMonths: 1, markMm: 0.2),
            new Technique('sponge-chips', 'Chips by sponge', TechniqueKind::Chips, Stage::Wear, Families::PAINTS, Application::Sponge, Coverage::Partial,
                'Rash-like rub marks from a torn sponge, blotted first.',
                new Practice(['hardly a trace on paper: begin', 'a print of the sponge can be told: turn it'], ['torn packing sponge', 'tweezers', 'paper to blot'], 'Wiped off while wet.',
                    [$where], ['brush-chips', 'lift-off'], 'dabbing is quick'),
                applyMinutes: 6.0, role: ColourRole::Chip, serviceMonths: 1, markMm: 0.4),
            new Technique('pencil-chips', 'Chips by pencil', TechniqueKind::Chips, Stage::Wear, [BinderFamily::MetalPencil], Application::Dry, Coverage::Partial,
                'The finest bare-metal edges and scratches.',
                new Practice(['a line no wider than a hair'], ['sharp metal pencil', 'sandpaper to point it'], 'Erased or wiped off.', ['It loses its shine under a matte coat.'], ['brush-chips', 'graphite'], 'edges only'),
                applyMinutes: 5.0, role: ColourRole::Metal, serviceMonths: 1, markMm: 0.2),
            new Technique('needle-scratches', 'Scratches by needle', TechniqueKind::Abrade, Stage::Wear, [], Application::Dry, Coverage::Partial,
                'Scratches through the top colour with a needle or blade, down to the colour below.',
                new Practice(['the lower colour shows as a fine line', 'plastic shows: too deep'], ['needle in a holder', 'loupe'], 'Touched in with the top colour.', ['Blades and needles.'], ['tape-scratches', 'pencil-chips'], 'a few lines'),
                applyMinutes: 5.0, needs: CureState::SolventProof, serviceMonths: 1, markMm: 0.1),
            new Technique('tape-scratches', 'Scratches along a tape', TechniqueKind::Chips, Stage::Wear, Families::PAINTS, Application::Sponge, Coverage::Partial,
                'Dead straight scratches, dabbed along the edge of a tape.',
                new Practice(['straight, thin, broken in places'], ['low-tack tape', 'sponge'], 'Wiped off while wet.', [], ['needle-scratches'], 'taping takes the time'),
                applyMinutes: 6.0, role: ColourRole::Chip, serviceMonths: 1, markMm: 0.2),
        ];
    }

    /** @return list<Technique> */
    private static function rust(): array
    {
        $tones = 'Dark first, then lighter and smaller towards the source; on steel only.';

        return [
            new Technique('rust-wash', 'Rust wash', TechniqueKind::Wash, Stage::Wear, Families::SPIRIT, Application::Brush, Coverage::Partial,
                'Rust tones over chips, welds and scraped edges, cleaned back where paint is sound.',
                new Practice(['dull: clean it'], self::DRAWING, 'Cleaned off with spirit inside its window.', [$tones], ['rust-layers', 'rust-pigment'], 'spots, then cleaning'),
                applyMinutes: 5.0, cleanMinutes: 8.0, cleanUp: TintWork::dullingEnamel(), role: ColourRole::Rust, depictsRust: true, serviceMonths: 3),
            new Technique('rust-layers', 'Rust in layers', TechniqueKind::Detail, Stage::Wear, Families::PAINTS, Application::Sponge, Coverage::Partial,
                'Two or three rust tones dabbed over each other, each dry before the next.',
                new Practice(['three tones can be told apart at close range'], ['torn sponge', 'brush'], 'Dabbed over with the tone before.', [$tones], ['rust-wet', 'rust-wash'], 'three rounds'),
                coats: 3, applyMinutes: 6.0, role: ColourRole::Rust, depictsRust: true, serviceMonths: 6),
            new Technique('rust-wet', 'Rust wet in wet', TechniqueKind::Blend, Stage::Wear, Families::SPIRIT, Application::Brush, Coverage::Partial,
                'Rust tones run into each other while they are open.',
                new Practice(['borders melt by themselves'], self::DRAWING, 'Wiped off with spirit inside its window.', [$tones], ['rust-layers'], 'all tones in one go'),
                applyMinutes: 8.0, cleanMinutes: 6.0, cleanUp: TintWork::dullingEnamel(), role: ColourRole::Rust, depictsRust: true, serviceMonths: 6, wetInWet: true),
            new Technique('exhaust-heat', 'Heat-greyed exhaust', TechniqueKind::Detail, Stage::Wear, Families::PAINTS, Application::Brush, Coverage::Whole,
                'Pale heat grey and a breath of blue as the ground for exhaust rust.',
                new Practice(['paler towards the engine'], ['brush', 'sponge'], 'Painted over.', ['Real exhausts lose their paint first.'], ['rust-layers'], 'two tones'),
                applyMinutes: 15.0, role: ColourRole::Detail, serviceMonths: 1),
            new Technique('exhaust-soot', 'Soot', TechniqueKind::Pigment, Stage::Wear, [BinderFamily::DryPigment], Application::Dry, Coverage::Grain,
                'Black-brown at the mouth of exhaust and muzzle, last of all.',
                new Practice(['densest at the mouth, nothing an exhaust’s length away'], ['soft brush', 'fingertip'], 'Brushed off, hardly all of it.', [], ['post-shade'], 'a breath'),
                applyMinutes: 6.0, needs: CureState::TouchDry, role: ColourRole::Grime, sheens: [Sheen::Matte, Sheen::Satin]),
        ];
    }

    /** @return list<Technique> */
    private static function streaks(): array
    {
        return [
            new Technique('rust-streak', 'Rust streaks', TechniqueKind::Streak, Stage::Wear, Families::SPIRIT, Application::Brush, Coverage::Partial,
                'Starts at a chip or bolt, drawn down with a just damp flat brush.',
                new Practice(['dull at its edges: draw it down'], self::DRAWING, 'Wiped off with spirit inside its window.', ['Downwards as the model will stand.'], ['rust-wash'], 'line, wait, draw'),
                applyMinutes: 6.0, cleanMinutes: 8.0, cleanUp: new CleanUpWindow(10, 240, 1440, 'dull at its edges'), role: ColourRole::Rust, depictsRust: true, needsSource: true, serviceMonths: 3),
            self::streak('grime-streak', 'Grime streaks', 'Starts at an edge, strongest at the top, fading downwards.', 'rain-streak'),
            self::streak('rain-streak', 'Rain marks', 'Pale vertical traces of dust that rain has drawn down.', 'grime-streak'),
            self::streak('oil-stain', 'Oil stains', 'Dark, slightly shining stains around fillers, hubs and hatches, below them in runs.', 'fuel-stain'),
            self::streak('fuel-stain', 'Fuel stains', 'Flat, dark runs from a fuel filler, lighter with each older one.', 'oil-stain'),
        ];
    }

    private static function streak(string $code, string $name, string $purpose, string $alternative): Technique
    {
        return new Technique($code, $name, TechniqueKind::Streak, Stage::Wear, Families::SPIRIT, Application::Brush, Coverage::Partial, $purpose,
            new Practice(['dull at its edges: draw it down', 'strongest at its top when dry'], self::DRAWING, 'Wiped off with spirit inside its window.',
                ['Downwards as the model will stand.'], [$alternative], 'line, wait, draw'),
            applyMinutes: 6.0, cleanMinutes: 8.0, cleanUp: new CleanUpWindow(10, 240, 1440, 'dull at its edges'), role: ColourRole::Grime);
    }
}
