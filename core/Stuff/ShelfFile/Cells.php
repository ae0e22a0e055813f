<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\ShelfFile;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\LabelSign;

/** What people write into the cells of a table. Each answers null for what it cannot read. */
final class Cells
{
    /** ml of each unit. */
    private const UNITS = ['' => 1.0, 'ml' => 1.0, 'cl' => 10.0, 'l' => 1_000.0, 'cc' => 1.0, 'drops' => 0.05];

    private const FAMILIES = [
        'acrylic' => BinderFamily::WaterborneAcrylic,
        'waterborne' => BinderFamily::WaterborneAcrylic,
        'water based acrylic' => BinderFamily::WaterborneAcrylic,
        'alcohol acrylic' => BinderFamily::AlcoholAcrylic,
        'alcohol' => BinderFamily::AlcoholAcrylic,
        'oil' => BinderFamily::ArtistOil,
        'oils' => BinderFamily::ArtistOil,
        'oil paint' => BinderFamily::ArtistOil,
        'alkyd' => BinderFamily::Enamel,
        'pigment' => BinderFamily::DryPigment,
        'pigments' => BinderFamily::DryPigment,
        'mud' => BinderFamily::MudPaste,
        'decals' => BinderFamily::DecalFilm,
        'pencil' => BinderFamily::MetalPencil,
    ];

    private const SHEENS = [
        'flat' => Sheen::Matte,
        'matt' => Sheen::Matte,
        'mat' => Sheen::Matte,
        'dull' => Sheen::Matte,
        'semi gloss' => Sheen::Satin,
        'semigloss' => Sheen::Satin,
        'silk' => Sheen::Satin,
        'eggshell' => Sheen::Satin,
        'glossy' => Sheen::Gloss,
    ];

    /** With a point or a comma, and with whatever stands between thousands. */
    public static function number(string $text): ?float
    {
        $plain = str_replace([' ', "\u{00A0}", "\u{202F}", '’', "'", '€', '$', '£'], '', trim($text));
        // Of a point and a comma the last is the decimal one.
        $comma = strrpos($plain, ',');
        $point = strrpos($plain, '.');
        if ($comma !== false && $point !== false) {
            $plain = str_replace($comma > $point ? '.' : ',', '', $plain);
        }
        $plain = str_replace(',', '.', $plain);

        return preg_match('/^[-+]?\d{1,9}(\.\d{1,6})?$/', $plain) === 1 ? (float) $plain : null;
    }

    /** @return float|null ml, from "17 ml", "1,7 cl", "0.5 l" */
    public static function millilitres(string $text): ?float
    {
        if (preg_match('/^(.*?)\s*([a-z]*)\.?$/iu', trim($text), $said) !== 1) {
            return null;
        }
        $unit = self::UNITS[strtolower($said[2])] ?? null;
        $number = self::number($said[1]);

        return $unit === null || $number === null || $number < 0.0 ? null : round($unit * $number, 1);
    }

    /** @return float|null 0 to 1, from "85", "85 %", "0,85" or a word */
    public static function share(string $text): ?float
    {
        $word = mb_strtolower(trim($text));
        $words = ['opaque' => 0.9, 'semi-opaque' => 0.7, 'semi opaque' => 0.7, 'transparent' => 0.2, 'clear' => 0.05];
        if (isset($words[$word])) {
            return $words[$word];
        }
        $number = self::number(rtrim($word, " %\u{00A0}"));
        if ($number === null || $number < 0.0 || $number > 100.0) {
            return null;
        }

        return $number > 1.0 || str_contains($word, '%') ? $number / 100.0 : $number;
    }

    /** @return string|null as in 2026-11-20; the day stands first where the year stands last */
    public static function day(string $text): ?string
    {
        $part = '[-\/.]';
        $patterns = ["/^(?<y>\d{4}){$part}(?<m>\d{1,2}){$part}(?<d>\d{1,2})$/", "/^(?<y>\d{4}){$part}(?<m>\d{1,2})$/"];
        $patterns[] = "/^(?<d>\d{1,2}){$part}(?<m>\d{1,2}){$part}(?<y>\d{4})$/";
        [$year, $month, $day] = [0, 0, 0];
        foreach ($patterns as $pattern) {
            if (preg_match($pattern, trim($text), $said) === 1) {
                [$year, $month, $day] = [(int) $said['y'], (int) $said['m'], (int) ($said['d'] ?? 1)];
            }
        }

        return checkdate($month, $day, $year) && $year > 1950 && $year < 2150
            ? sprintf('%04d-%02d-%02d', $year, $month, $day)
            : null;
    }

    /** @return int|null months, from "18", "18 months", "2 years" */
    public static function months(string $text): ?int
    {
        if (preg_match('/^(\d{1,3})\s*(months?|m|years?|y)?$/i', trim($text), $said) !== 1) {
            return null;
        }
        $months = (int) $said[1] * (str_starts_with(strtolower($said[2] ?? ''), 'y') ? 12 : 1);

        return $months >= 1 && $months <= 600 ? $months : null;
    }

    public static function yes(string $text): ?bool
    {
        return match (mb_strtolower(trim($text))) {
            '', 'no', 'n', '0', 'false', '-' => false,
            'yes', 'y', '1', 'true', 'x' => true,
            default => null,
        };
    }

    /** @return list<LabelSign>|null each once, from "flammable; irritates" */
    public static function signs(string $text): ?array
    {
        $signs = [];
        foreach (preg_split('/[;,\/]+/', $text) ?: [] as $word) {
            $sign = LabelSign::called($word);
            if ($sign === null) {
                return null;
            }
            $signs[$sign->value] = $sign;
        }

        return array_values($signs);
    }

    public static function family(string $text): ?BinderFamily
    {
        $plain = self::plain($text);
        foreach (BinderFamily::cases() as $family) {
            if ($plain === self::plain($family->value) || $plain === self::plain($family->label())) {
                return $family;
            }
        }

        return self::FAMILIES[$plain] ?? null;
    }

    public static function carrier(string $text): ?Carrier
    {
        $plain = self::plain($text);
        foreach (Carrier::cases() as $carrier) {
            if ($plain === self::plain($carrier->value) || $plain === self::plain($carrier->label())) {
                return $carrier;
            }
        }

        return null;
    }

    public static function sheen(string $text): ?Sheen
    {
        $plain = self::plain($text);

        return Sheen::tryFrom($plain) ?? (self::SHEENS[$plain] ?? null);
    }

    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/[\s_\-]+/u', ' ', mb_strtolower($text)));
    }
}
