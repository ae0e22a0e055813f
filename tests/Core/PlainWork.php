<?php

declare(strict_types=1);

namespace Tests\Core;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Physics\Evaluation\Walker;
use Ulvrach\Physics\Forecast\Forecast;
use Ulvrach\Physics\Forecast\Spot;
use Ulvrach\Plan\Plan;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;

/** The cases of tests/cases/plain-work.colours, whose head explains how they are written. */
final class PlainWork
{
    private const FAMILIES = [
        'waterborne' => BinderFamily::WaterborneAcrylic,
        'alcohol' => BinderFamily::AlcoholAcrylic,
        'lacquer' => BinderFamily::Lacquer,
        'enamel' => BinderFamily::Enamel,
        'oil' => BinderFamily::ArtistOil,
        'clay' => BinderFamily::ClayWash,
        'pigment' => BinderFamily::DryPigment,
        'bound' => BinderFamily::BoundPigment,
        'mud' => BinderFamily::MudPaste,
        'decal' => BinderFamily::DecalFilm,
        'pencil' => BinderFamily::MetalPencil,
    ];

    private const CARRIERS = [
        'waterborne' => Carrier::Water,
        'alcohol' => Carrier::AlcoholBlend,
        'lacquer' => Carrier::LacquerThinner,
        'enamel' => Carrier::OdourlessSpirit,
        'oil' => Carrier::OdourlessSpirit,
        'clay' => Carrier::Water,
        'bound' => Carrier::OdourlessSpirit,
        'mud' => Carrier::Water,
        'decal' => Carrier::Water,
    ];

    /** @return array<string, array{string, list<string>, list<string>, list<string>}> ground, first, steps, claims */
    public static function cases(): array
    {
        $cases = [];
        foreach (array_slice(explode("\n=== ", self::text()), 1) as $block) {
            $lines = array_filter(explode("\n", trim($block)));
            $title = (string) array_shift($lines);
            $case = ['', [], [], []];
            foreach ($lines as $line) {
                match (true) {
                    str_starts_with($line, 'on ') => ($case[0] = substr($line, 3)),
                    str_starts_with($line, 'first ') => ($case[1][] = substr($line, 6)),
                    str_starts_with($line, '> ') => ($case[3][] = substr($line, 2)),
                    default => ($case[2][] = $line),
                };
            }
            $cases[$title] = $case;
        }

        return $cases;
    }

    /** @return array<string, Product> */
    public static function jars(): array
    {
        preg_match_all('/^jar (\S+) (\S+) (\S+) (\S+)( metal)?$/m', self::text(), $rows, PREG_SET_ORDER);
        $jars = [];
        foreach ($rows as $row) {
            [, $name, $family, $sheen, $hex] = $row;
            $jars[$name] = new Product($name, ucfirst($name), new Material(
                family: self::FAMILIES[$family],
                carrier: self::CARRIERS[$family] ?? null,
                sheen: $sheen === '-' ? null : Sheen::from($sheen),
                colour: $hex === 'clear' ? null : Lab::fromHex($hex),
                metallic: isset($row[5]),
            ));
        }

        return $jars;
    }

    /**
     * @param  array{string, list<string>, list<string>, list<string>}  $case
     * @return list<string> what does not hold, with what is seen instead
     */
    public static function faults(array $case): array
    {
        [$ground, $first, $steps, $claims] = $case;
        [$jar, $sheen] = explode(' ', $ground) + [1 => null];
        $below = ["prime {$jar}", "spray-colour {$jar}, 12 coats", ...$sheen === null ? [] : ["clear-coat {$sheen}"]];
        $plan = self::plan([...$below, ...$first, ...$steps]);
        $forecast = Forecast::of((new Walker())->walk($plan));
        $before = $forecast->after(count($below) + count($first) - 1, 'hull');
        $after = $forecast->atEnd('hull');
        $faults = [];
        foreach ($claims as $claim) {
            [$place, $what, $range] = explode(' ', $claim, 3);
            $spot = Spot::from($place);
            [$was, $is] = [$before->of($spot), $after->of($spot)];
            $words = explode(' ', $range);
            $seen = match ($what) {
                'lightness' => $is->l,
                'chroma' => $is->chroma(),
                'darker' => $was->l - $is->l,
                'lighter' => $is->l - $was->l,
                'richer' => $is->chroma() / $was->chroma(),
                'apart' => $was->differenceTo($is),
                'below' => $after->of(Spot::Face)->l - $is->l,
                'within' => $is->differenceTo(self::colour($words[2])),
                'keeps' => self::strays($is, self::colour($words[1]), self::colour($words[2])),
                default => throw new \InvalidArgumentException("Not a claim: {$claim}"),
            };
            [$least, $most] = match ($what) {
                'within' => self::range($words[0]),
                'below' => self::range($words[1]),
                'keeps' => [0.0, 3.0],
                default => self::range($words[0]),
            };
            if ($seen < $least - 1e-6 || $seen > $most + 1e-6) {
                $faults[] = sprintf('%s: %.2f (%s)', $claim, $seen, $is->toHex());
            }
        }

        return $faults;
    }

    /** How far a colour lies from the straight line between two others in light, CIEDE2000. */
    private static function strays(Lab $colour, Lab $one, Lab $other): float
    {
        [$from, $to] = [$one->toXyz(), $other->toXyz()];
        $nearest = INF;
        for ($share = 0.0; $share <= 1.0; $share += 0.01) {
            $xyz = array_map(static fn (float $a, float $b): float => $a + $share * ($b - $a), $from, $to);
            $nearest = min($nearest, $colour->differenceTo(Lab::fromXyz(...$xyz)));
        }

        return $nearest;
    }

    /** @return array{float, float} "8" is up to eight */
    private static function range(string $text): array
    {
        return str_contains($text, '..')
            ? [(float) explode('..', $text)[0], (float) explode('..', $text)[1]]
            : [0.0, (float) $text];
    }

    private static function colour(string $jar): Lab
    {
        return self::jars()[$jar]->material->colour ?? throw new \InvalidArgumentException("{$jar} is clear.");
    }

    /** @param  list<string>  $steps  "technique jar, option" */
    public static function plan(array $steps): Plan
    {
        $lines = array_map(static fn (string $step) => implode(' on hull,', explode(',', $step, 2)).
            (str_contains($step, ',') ? '' : ' on hull'), $steps);

        return PlanKit::plan(implode("\n", $lines))->with(products: self::jars());
    }

    private static function text(): string
    {
        return (string) file_get_contents(dirname(__DIR__).'/cases/plain-work.colours');
    }
}
