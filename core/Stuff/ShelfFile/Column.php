<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\ShelfFile;

/** What a column of a shelf's table holds. The order is that in which tables are written. */
enum Column: string
{
    case Name = 'name';
    case Family = 'family';
    case Carrier = 'carrier';
    case Sheen = 'sheen';
    case Colour = 'colour';
    case Opacity = 'opacity';
    case Metallic = 'metallic';
    case Left = 'left';
    case Price = 'price';
    case OpenedOn = 'opened on';
    case Keeps = 'keeps';
    case Note = 'note';
    case Thinner = 'own thinner';
    case ThinnedOn = 'thinned on';
    case Signs = 'warnings';
    case Withdrawn = 'withdrawn';
    case Holds = 'holds';
    case Role = 'role';

    /** @return array<string, self> what fills each field of what a jar holds, of those that a table can hold */
    public static function ofMaterial(): array
    {
        return [
            'family' => self::Family,
            'carrier' => self::Carrier,
            'sheen' => self::Sheen,
            'colour' => self::Colour,
            'opacity' => self::Opacity,
            'metallic' => self::Metallic,
        ];
    }

    /** @return array<string, self> what fills each field of what its owner knows of a jar */
    public static function ofStock(): array
    {
        return [
            'leftMl' => self::Left,
            'price' => self::Price,
            'openedOn' => self::OpenedOn,
            'keepsMonths' => self::Keeps,
            'note' => self::Note,
            'thinner' => self::Thinner,
            'thinnedOn' => self::ThinnedOn,
            'signs' => self::Signs,
            'isWithdrawn' => self::Withdrawn,
            'holdsMl' => self::Holds,
            'role' => self::Role,
        ];
    }

    /** As it stands at the head of a table that is written, with its unit. */
    public function heading(): string
    {
        return match ($this) {
            self::Opacity => 'hides %',
            self::Left => 'left ml',
            self::Holds => 'holds ml',
            self::Keeps => 'keeps months',
            default => $this->value,
        };
    }

    /** @return list<string> what else people call it, in small letters */
    public function otherNames(): array
    {
        return match ($this) {
            self::Name => ['jar', 'paint', 'product', 'title'],
            self::Family => ['type', 'kind', 'binder', 'medium'],
            self::Carrier => ['thinner', 'solvent', 'base'],
            self::Sheen => ['finish', 'gloss', 'surface'],
            self::Colour => ['color', 'hex', 'rgb', 'lab', 'shade'],
            self::Opacity => ['hides', 'hiding power', 'hiding', 'coverage', 'opaque'],
            self::Metallic => ['metal', 'metallic?'],
            self::Left => ['volume', 'amount', 'quantity', 'ml', 'stock', 'remaining'],
            self::Price => ['cost', 'paid'],
            self::OpenedOn => ['opened', 'open since', 'date opened', 'open'],
            self::Keeps => ['shelf life', 'keeps for', 'months', 'life'],
            self::Note => ['notes', 'comment', 'comments', 'remark'],
            self::Thinner => ['maker’s thinner', 'thin with', 'thinned with'],
            self::ThinnedOn => ['thinned', 'date thinned', 'thinned since'],
            self::Signs => ['hazards', 'hazard', 'label', 'signs', 'safety'],
            self::Role => ['use', 'used for', 'purpose', 'for'],
            self::Holds => ['size', 'jar size', 'full', 'bottle size', 'content'],
            self::Withdrawn => ['discontinued', 'no longer sold', 'out of production'],
        };
    }

    /** The column that a heading names, whatever unit stands behind it. */
    public static function called(string $heading): ?self
    {
        $plain = trim(mb_strtolower((string) preg_replace('/[\s_\-]+/u', ' ', $heading)));
        $bare = trim((string) preg_replace('/\s*(\(.*\)|\[.*\]|%|\bml\b|\bmonths?\b)\s*$/u', '', $plain));
        foreach (self::cases() as $column) {
            $names = [$column->value, $column->heading(), ...$column->otherNames()];
            if (in_array($plain, $names, true) || in_array($bare, $names, true)) {
                return $column;
            }
        }

        return null;
    }
}
