<?php

declare(strict_types=1);

namespace Ulvrach\Technique\Library;

use Ulvrach\Chemistry\BinderFamily;
use Ulvrach\Chemistry\Sheen;
use Ulvrach\Technique\Application;
use Ulvrach\Technique\CleanUpWindow;
use Ulvrach\Technique\ColourRole;
use Ulvrach\Technique\Coverage;
use Ulvrach\Technique\Practice;
use Ulvrach\Technique\Stage;
use Ulvrach\Technique\Technique;
use Ulvrach\Technique\TechniqueKind;

/** Filters, oils and washes. */
final class TintWork
{
    private const BRUSHES = ['round synthetic brush', 'two pools of thinner: one to work, one to clean', 'paper towel'];

    /** Minutes; docs/sources.md, "drying table": the row "enamel wash, streak or effect". */
    public static function dullingEnamel(): CleanUpWindow
    {
        return new CleanUpWindow(20, 240, 1440, 'dull, no longer glossy');
    }

    /** Minutes; drying table, "artist oil": blend from 5–10 min to several hours. */
    public static function settingOil(): CleanUpWindow
    {
        return new CleanUpWindow(10, 240, 1440, 'no longer shining');
    }

    /** @return list<Technique> */
    public static function techniques(): array
    {
        return [...self::filters(), ...self::washes()];
    }

    /** @return list<Technique> */
    private static function filters(): array
    {
        $satin = [Sheen::Satin, Sheen::Matte];

        return [
            new Technique('filter', 'Filter', TechniqueKind::Filter, Stage::Tint, Families::SPIRIT, Application::Brush, Coverage::Partial,
                'One thin transparent tint, kept moving, that pulls the colours together.',
                new Practice(['an even film that dries without a rim', 'a pool: draw it off at once'], self::BRUSHES, 'Wiped off with spirit while damp.',
                    ['Three to five parts of colour in a hundred.'], ['air-filter', 'oil-dots'], 'whole faces, quickly'),
                applyMinutes: 4.0, role: ColourRole::Tint, sheens: $satin),
            new Technique('air-filter', 'Filter by airbrush', TechniqueKind::Filter, Stage::Tint, Families::CLEARS, Application::Airbrush, Coverage::Grain,
                'Clear coat with a few per cent of colour, misted over the panels.',
                new Practice(['seen only against an untreated panel'], ['airbrush 0.3 mm', '1 bar'], 'Misted over with the base tone.', ['Sprayed, it does not mind gloss.'], ['filter'], 'a mist'),
                setUpMinutes: 10, applyMinutes: 3.0, role: ColourRole::Tint),
            new Technique('oil-dots', 'Oil dots', TechniqueKind::Blend, Stage::Tint, [BinderFamily::ArtistOil], Application::Brush, Coverage::Partial,
                'Rows of small dots of several oils, blended away downwards to a faint, varied tint.',
                new Practice(['dots no bigger than a pinhead', 'no dot can be told apart when blended'], ['oils drained on card', 'flat soft brush, just damp', 'second pool to clean'],
                    'Wiped off with spirit for some hours.', ['Fresh oil is drained on card first, up to a day.'], ['filter', 'oil-shading'], 'dots quickly, blending slowly'),
                applyMinutes: 4.0, cleanMinutes: 8.0, cleanUp: self::settingOil(), role: ColourRole::Tint, sheens: $satin),
            new Technique('oil-shading', 'Oil shading', TechniqueKind::Blend, Stage::Tint, [BinderFamily::ArtistOil], Application::Brush, Coverage::Partial,
                'Dark oil into corners and light oil onto tops and panel centres, feathered to nothing.',
                new Practice(['no border between tint and paint'], ['oils drained on card', 'soft brush, dry or just damp'], 'Wiped off with spirit for some hours.', [], ['oil-dots', 'post-shade'],
                    'panel by panel'),
                applyMinutes: 5.0, cleanMinutes: 8.0, cleanUp: self::settingOil(), role: ColourRole::Shade, sheens: $satin),
        ];
    }

    /** @return list<Technique> */
    private static function washes(): array
    {
        $gloss = [Sheen::Gloss, Sheen::Satin];

        return [
            new Technique('pin-wash', 'Pin wash', TechniqueKind::Wash, Stage::Tint, Families::SPIRIT, Application::Brush, Coverage::Partial,
                'Touched to lines and the foot of details, where it runs along by itself; the faces stay clean.',
                new Practice(['runs along the line when touched from the top', 'dull: clean it'], self::BRUSHES, 'Cleaned off with spirit inside its window.',
                    ['Touch a rivet from its top, not its foot.'], ['enamel-wash', 'clay-wash'], 'line by line, little to clean'),
                applyMinutes: 5.0, cleanMinutes: 6.0, cleanUp: self::dullingEnamel(), role: ColourRole::Shade, sheens: $gloss),
            new Technique('enamel-wash', 'Enamel wash', TechniqueKind::Wash, Stage::Tint, [BinderFamily::Enamel], Application::Brush, Coverage::Partial,
                'Over everything, then cleaned off the raised faces: darker and dirtier all over.',
                new Practice(['dull: clean it', 'still shining: wait, do another section'], self::BRUSHES, 'Cleaned off with spirit inside its window.',
                    ['In sections: cleaning takes two or three times as long as applying.', 'A fine natural brush is ruined by it.'], ['pin-wash', 'oil-wash'], 'brushed on fast; cleaning counts'),
                applyMinutes: 3.3, cleanMinutes: 10.0, cleanUp: self::dullingEnamel(), role: ColourRole::Shade, sheens: $gloss),
            new Technique('oil-wash', 'Oil wash', TechniqueKind::Wash, Stage::Tint, [BinderFamily::ArtistOil], Application::Brush, Coverage::Partial,
                'As an enamel wash, with longer to blend and far longer to dry.',
                new Practice(['no longer shining: clean it'], self::BRUSHES, 'Cleaned off with spirit for some hours.', ['Drain the oil on card first.'], ['enamel-wash', 'pin-wash'], 'as an enamel wash'),
                applyMinutes: 3.3, cleanMinutes: 10.0, cleanUp: self::settingOil(), role: ColourRole::Shade, sheens: $gloss),
            new Technique('clay-wash', 'Clay wash', TechniqueKind::Wash, Stage::Tint, [BinderFamily::ClayWash], Application::Brush, Coverage::Partial,
                'Dries to a powder in the recesses and wipes off with damp paper, now or much later.',
                new Practice(['powdery and pale all over: wipe it'], ['any brush', 'damp paper'], 'Rinses off with water at any time.', ['Seal it before any water comes near again.'], ['pin-wash', 'acrylic-wash'], 'wiping is quick'),
                applyMinutes: 3.3, cleanMinutes: 6.0, cleanUp: new CleanUpWindow(20, null, null, 'powdery and pale all over'), role: ColourRole::Shade),
            new Technique('acrylic-wash', 'Acrylic wash', TechniqueKind::Wash, Stage::Tint, [BinderFamily::WaterborneAcrylic], Application::Brush, Coverage::Partial,
                'A waterborne wash, worked while wet: once dry it stays.',
                new Practice(['draw pools off before their rim dries'], ['soft brush', 'retarder', 'damp cotton bud'], 'With water for some minutes, then only with what takes the paint too.',
                    ['Retarder buys a few minutes.', 'A little at a time.'], ['pin-wash', 'clay-wash'], 'small areas at a time'),
                applyMinutes: 5.0, role: ColourRole::Shade, sheens: $gloss),
        ];
    }
}
