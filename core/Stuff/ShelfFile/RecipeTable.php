<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\ShelfFile;

use Ulvrach\Light\Colour\ColourText;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Palette\Cup;
use Ulvrach\Stuff\Palette\KeptMix;

/** Kept mixes as a table: a row each, with its parts in words, as in "5 Vellow 31 island green + 2 Vellow 24 buff". */
final readonly class RecipeTable
{
    private const HEADINGS = ['mix', 'parts', 'paint %', 'retarder %', 'flow improver %', 'wanted', 'note'];

    private const MOST_ROWS = 500;

    private const MOST_PARTS = 8;

    /**
     * @param  list<KeptMix>  $mixes  those that could be read
     * @param  list<array{row: int, message: string}>  $faults  rows as a spreadsheet counts them
     */
    private function __construct(public array $mixes, public array $faults)
    {
    }

    /** @param  list<KeptMix>  $mixes */
    public static function write(array $mixes): string
    {
        $lines = [self::HEADINGS];
        foreach ($mixes as $mix) {
            $cup = $mix->cup;
            $wanted = $cup->wanted;
            $lines[] = [
                $mix->name,
                implode(' + ', array_map(static fn (array $of) => "{$of[1]} {$of[0]->name}", $cup->parts)),
                self::percent($cup->share),
                self::percent($cup->retarder),
                self::percent($cup->flow),
                $wanted === null ? '' : implode(' ', array_map(json_encode(...), [$wanted->l, $wanted->a, $wanted->b])),
                $mix->note,
            ];
        }

        return Csv::write($lines);
    }

    /**
     * @param  array<string, Product>  $jars  by name in small letters
     * @param  array<string, KeptMix>  $mixes  those that are kept already, by name in small letters; rows may name
     *   mixes of earlier rows as well
     */
    public static function read(string $text, array $jars, array $mixes): self
    {
        $lines = Csv::lines($text);
        $headings = array_map(static fn (string $of) => mb_strtolower(trim($of)), array_shift($lines) ?? []);
        $faults = $read = [];
        foreach (['mix', 'parts'] as $needed) {
            if (! in_array($needed, $headings, true)) {
                $faults[] = ['row' => 1, 'message' => "There is no column “{$needed}”."];
            }
        }
        if (count($lines) > self::MOST_ROWS) {
            $faults[] = ['row' => self::MOST_ROWS + 2, 'message' => 'More than 500 mixes.'];
        }
        foreach ($faults === [] ? $lines : [] as $place => $cells) {
            $row = array_combine($headings, array_slice(array_pad($cells, count($headings), ''), 0, count($headings)));
            $mix = self::mix(array_map(trim(...), $row), $jars, $mixes);
            if (is_string($mix)) {
                $faults[] = ['row' => $place + 2, 'message' => $mix];

                continue;
            }
            $read[] = $mix;
            $mixes[mb_strtolower($mix->name)] = $mix;
        }

        return new self($read, $faults);
    }

    /**
     * @param  array<string, string>  $row
     * @param  array<string, Product>  $jars
     * @param  array<string, KeptMix>  $mixes
     * @return KeptMix|string what is wrong with it
     */
    private static function mix(array $row, array $jars, array $mixes): KeptMix|string
    {
        $name = ltrim($row['mix'], "'");
        $parts = [];
        // A plus parts two jars only where parts follow: names may hold one.
        foreach (preg_split('/\s*\+\s*(?=\d+\s)/', $row['parts']) ?: [] as $part) {
            if (preg_match('/^(\d{1,2})\s+(.+)$/', trim($part), $said) !== 1 || (int) $said[1] < 1) {
                return "“{$part}” is no part: as in “3 Vellow 31”.";
            }
            $of = mb_strtolower($said[2]);
            $known = $jars[$of] ?? $mixes[$of] ?? null;
            if ($known === null) {
                return "“{$said[2]}” is neither a jar of yours nor a mix.";
            }
            $parts[] = [$known, (int) $said[1]];
        }
        $share = self::share($row['paint %'] ?? '', 1.0);
        $retarder = self::share($row['retarder %'] ?? '', 0.0);
        $flow = self::share($row['flow improver %'] ?? '', 0.0);
        $wanted = $row['wanted'] ?? '';
        $colour = $wanted === '' ? null : ColourText::read(ltrim($wanted, "'"));

        return match (true) {
            $name === '' || mb_strlen($name) > 120 => 'A mix has a name of at most 120 letters.',
            $parts === [] || count($parts) > self::MOST_PARTS => 'A mix has 1 to 8 parts.',
            $share === null || $share < 0.01 => 'Paint is from 1 to 100 per cent.',
            $retarder === null || $flow === null => 'Retarder and flow improver are from 0 to 100 per cent.',
            $wanted !== '' && $colour === null => "“{$wanted}” is no colour: #rrggbb, or L*, a* and b*.",
            mb_strlen($row['note'] ?? '') > 2000 => 'A note has at most 2000 letters.',
            default => new KeptMix(
                '',
                $name,
                new Cup($parts, $share, $colour, $retarder, $flow),
                ltrim($row['note'] ?? '', "'"),
            ),
        };
    }

    private static function percent(float $share): string
    {
        return (string) round(100.0 * $share, 6);
    }

    private static function share(string $text, float $otherwise): ?float
    {
        $number = $text === '' ? 100.0 * $otherwise : Cells::number(rtrim($text, ' %'));

        return $number === null || $number < 0.0 || $number > 100.0 ? null : round($number / 100.0, 8);
    }
}
