<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

/** Where on a zone something lies: two things in different places do not touch. */
enum Place: string
{
    case Edges = 'edges';
    case RaisedDetail = 'raised-detail';
    case Recesses = 'recesses';
    case UpperThird = 'upper-third';
    case LowerThird = 'lower-third';
    case Fittings = 'fittings';
    case WheelPath = 'wheel-path';
    case Welds = 'welds';
    case Grilles = 'grilles';
    case Hits = 'hits';

    public function label(): string
    {
        return match ($this) {
            self::Edges => 'edges',
            self::RaisedDetail => 'raised detail',
            self::Recesses => 'recesses',
            self::UpperThird => 'the upper third',
            self::LowerThird => 'the lower third',
            self::Fittings => 'around fittings',
            self::WheelPath => 'the wheel path',
            self::Welds => 'weld seams',
            self::Grilles => 'grilles',
            self::Hits => 'hits',
        };
    }

    /** Whether the two share some of the zone. */
    public function touches(self $other): bool
    {
        return $this === $other || ! in_array([$this, $other], self::apart(), true) &&
            ! in_array([$other, $this], self::apart(), true);
    }

    /** @return list<array{self, self}> pairs that lie apart on any zone */
    private static function apart(): array
    {
        return [
            [self::Edges, self::Recesses],
            [self::RaisedDetail, self::Recesses],
            [self::UpperThird, self::LowerThird],
            [self::UpperThird, self::WheelPath],
            [self::Welds, self::Grilles],
            [self::WheelPath, self::Grilles],
        ];
    }
}
