<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\Amount;
use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\DepictedMaterial;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\StepMaker;
use Ulvrach\Plan\Traffic;
use Ulvrach\Plan\VehicleKind;
use Ulvrach\Plan\Zone;
use Ulvrach\Plan\ZoneKind;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Chemistry\Substrate;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/**
 * Plain work on three grounds as patches and numbers: what the forecast says, on one page, so that whoever paints can
 * say where it is wrong. An SVG. What is laid: technique, jar, coats, amount.
 *
 * @phpstan-type Laid array{0: string, 1: string, 2?: int|null, 3?: Amount}
 */
final class PatchPage
{
    private const GROUNDS = ['white' => '#f2f1ec', 'olive' => '#5f6b4b', 'black' => '#1b1b1b'];

    /** Coats of a ground: enough that nothing below it is seen. */
    private const HIDING = 12;

    /** Pixels: of a row, of what stands before the patches, of a ground's column, and of a patch in it. */
    private const ROW = 34;

    private const LABEL = 330;

    private const COLUMN = 230;

    private const PATCH = 62;

    private const HEAD = 74;

    public static function svg(): string
    {
        $works = self::works();
        $height = self::HEAD + self::ROW * count($works) + 10;
        $width = self::LABEL + self::COLUMN * count(self::GROUNDS);
        $lines = [
            "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 {$width} {$height}\" font-family=\"sans-serif\">",
            "<rect width=\"{$width}\" height=\"{$height}\" fill=\"#d9d9d6\"/>",
            self::text(12, 22, 'Plain work on three grounds, as it is forecast', 17),
            self::text(12, 42, 'By place: the ground, what is seen then, its L*, and the CIEDE2000 between them', 12),
        ];
        $column = 0;
        foreach (array_keys(self::GROUNDS) as $ground) {
            $lines[] = self::text(self::LABEL + self::COLUMN * $column++, 64, "on {$ground}", 14);
        }
        foreach ($works as $row => [$name, $place, $below, $steps]) {
            $top = self::HEAD + self::ROW * $row;
            $lines[] = self::text(12, $top + 20, "{$name}: {$place->value}", 13);
            $column = 0;
            foreach (self::GROUNDS as $hex) {
                $left = self::LABEL + self::COLUMN * $column++;
                array_push($lines, ...self::cell($left, $top, ...self::seen($hex, $place, $below, $steps)));
            }
        }

        return implode("\n", [...$lines, "</svg>\n"]);
    }

    /** @return list<string> */
    private static function cell(int $left, int $top, Lab $before, Lab $after): array
    {
        $patch = static fn (int $x, Lab $of): string => sprintf(
            '<rect x="%d" y="%d" width="%d" height="%d" fill="%s"/>',
            $x,
            $top,
            self::PATCH,
            self::ROW - 4,
            $of->toHex(),
        );
        $said = sprintf('L* %.0f, ΔE %.0f', $after->l, $before->differenceTo($after));

        return [
            $patch($left, $before),
            $patch($left + self::PATCH, $after),
            self::text($left + 2 * self::PATCH + 8, $top + 20, $said, 12),
        ];
    }

    private static function text(int $x, int $y, string $text, int $size): string
    {
        return "<text x=\"{$x}\" y=\"{$y}\" font-size=\"{$size}\" fill=\"#1c1c1a\">{$text}</text>";
    }

    /**
     * @param  list<Laid>  $below
     * @param  list<Laid>  $steps
     * @return array{Lab, Lab} of the place, before and after
     */
    private static function seen(string $ground, Spot $place, array $below, array $steps): array
    {
        $below = [['spray-colour', $ground, self::HIDING], ...$below];
        $plan = self::plate();
        foreach ([...$below, ...$steps] as $laid) {
            $plan = self::with($plan, $laid);
        }
        $forecast = Forecast::of((new Walker())->walk($plan));

        return [
            $forecast->after(count($below) - 1, 'plate')->of($place),
            $forecast->atEnd('plate')->of($place),
        ];
    }

    /** @param  Laid  $laid */
    private static function with(Plan $plan, array $laid): Plan
    {
        [$code, $of] = $laid;
        $jar = self::jar($of);
        $id = 's'.count($plan->steps);
        [$step] = (new StepMaker($plan))->make($id, TechniqueLibrary::get($code), ['plate'], $jar);
        $step = $step->with(...array_filter(
            ['coats' => $laid[2] ?? null, 'amount' => $laid[3] ?? null],
            static fn ($one) => $one !== null,
        ));

        return $plan->with(steps: [...$plan->steps, $step], products: $plan->products + [$jar->id => $jar]);
    }

    /** @return list<array{string, Spot, list<Laid>, list<Laid>}> name, place, what lies on the ground, what is done */
    private static function works(): array
    {
        $coats = static fn (string $jar, int $count): array => [['spray-colour', $jar, $count]];
        $gloss = [['clear-coat', 'gloss']];
        $wash = [['enamel-wash', 'brown-wash']];

        return [
            ['black, one coat', Spot::Face, [], $coats('black', 1)],
            ['white, one coat', Spot::Face, [], $coats('white', 1)],
            ['white, three coats', Spot::Face, [], $coats('white', 3)],
            ['red, one coat', Spot::Face, [], $coats('red', 1)],
            ['red, six coats', Spot::Face, [], $coats('red', 6)],
            ['yellow, two coats', Spot::Face, [], $coats('yellow', 2)],
            ['sand, one coat', Spot::Face, [], $coats('sand', 1)],
            ['gloss clear coat', Spot::Face, [], $gloss],
            ['matte clear coat', Spot::Face, [], [['clear-coat', 'matte']]],
            ['brown wash, cleaned, on matte', Spot::Face, [], $wash],
            ['brown wash, cleaned, on gloss', Spot::Face, $gloss, $wash],
            ['brown wash, cleaned, on matte', Spot::Recess, [], $wash],
            ['brown wash, cleaned, on gloss', Spot::Recess, $gloss, $wash],
            ['ochre filter', Spot::Face, [], [['filter', 'ochre-filter']]],
            ['dry brush with sand', Spot::Edge, [], [['dry-brush', 'sand']]],
            ['chips of dark brown', Spot::Chip, [], [['brush-chips', 'dark-brown']]],
            ['mist of sand dust', Spot::Face, [], [['dust-mist', 'sand']]],
            ['pigment, light', Spot::Face, [], [['dry-pigment', 'sand-dust', null, Amount::Light]]],
            ['pigment, settled', Spot::Face, [], [['dry-pigment', 'sand-dust', null, Amount::Settled]]],
            ['pigment, settled', Spot::Lower, [], [['dry-pigment', 'sand-dust', null, Amount::Settled]]],
            ['pigment, caked', Spot::Lower, [], [['dry-pigment', 'sand-dust', null, Amount::Caked]]],
            ['mud paste, settled', Spot::Lower, [], [['mud-paste', 'mud', null, Amount::Settled]]],
            ['wet mud, settled', Spot::Lower, [], [['wet-mud', 'wet-mud', null, Amount::Settled]]],
        ];
    }

    /** @param  string  $of  a name of this page, or the colour of a ground */
    private static function jar(string $of): Product
    {
        [$family, $colour, $sheen] = match ($of) {
            'black' => [BinderFamily::WaterborneAcrylic, '#1b1b1b', Sheen::Matte],
            'white' => [BinderFamily::WaterborneAcrylic, '#f2f1ec', Sheen::Matte],
            'red' => [BinderFamily::WaterborneAcrylic, '#b3201f', Sheen::Matte],
            'yellow' => [BinderFamily::WaterborneAcrylic, '#e0b31c', Sheen::Matte],
            'sand' => [BinderFamily::WaterborneAcrylic, '#c2a878', Sheen::Matte],
            'dark-brown' => [BinderFamily::WaterborneAcrylic, '#3a2c25', Sheen::Matte],
            'gloss' => [BinderFamily::WaterborneAcrylic, null, Sheen::Gloss],
            'matte' => [BinderFamily::WaterborneAcrylic, null, Sheen::Matte],
            'brown-wash' => [BinderFamily::Enamel, '#3b2a20', null],
            'ochre-filter' => [BinderFamily::Enamel, '#8a6a34', null],
            'sand-dust' => [BinderFamily::DryPigment, '#cbb68c', Sheen::Matte],
            'mud' => [BinderFamily::MudPaste, '#8b7353', null],
            'wet-mud' => [BinderFamily::MudPaste, '#6f5a3f', Sheen::Gloss],
            default => [BinderFamily::WaterborneAcrylic, $of, Sheen::Matte],
        };
        $carrier = $family === BinderFamily::DryPigment ? null : $family->ownThinners()[0] ?? null;

        return new Product(
            $of,
            $of,
            new Material($family, $carrier, $sheen, $colour === null ? null : Lab::fromHex($colour)),
        );
    }

    private static function plate(): Plan
    {
        $plate = new Zone(
            'plate',
            'Plate',
            ZoneKind::HullSides,
            100.0,
            Substrate::Polystyrene,
            DepictedMaterial::Steel,
            Traffic::Light,
        );

        return new Plan(
            new Build('Patches', 'Patches', VehicleKind::Tank, 35),
            new SchoolChoice('sealed-steps'),
            new BenchConditions(20.0, 50.0),
            ['plate' => $plate],
            [],
            [],
        );
    }
}
