<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Material;

use Ulvrach\Copies;
use Ulvrach\Stuff\Chemistry\BinderFamily;

/** What its owner knows of a jar beside the paint in it. All of it may be left open; none of it is part of a plan. */
final readonly class Stock
{
    use Copies;

    /**
     * Months that waterborne paint keeps once it has been thinned in its jar: water thins its preservative too, and its
     * pigment settles hard. Solvent paint loses nothing by its own thinner.
     */
    private const THINNED_KEEPS = 3;

    /**
     * @param  float|null  $leftMl  null: nobody has looked
     * @param  float|null  $price  in whatever money its owner counts
     * @param  string|null  $openedOn  a day such as 2026-11-20; null: it is closed
     * @param  int|null  $keepsMonths  once it is open
     * @param  string  $thinner  what its maker wants it thinned with; empty: nobody has said
     * @param  string|null  $thinnedOn  the day on which it was thinned in its jar; null: it was not
     * @param  list<LabelSign>  $signs  each once
     * @param  bool  $isWithdrawn  whether it is no longer sold
     * @param  float|null  $holdsMl  when it is full, above 0; null: nobody has said
     * @param  JarRole|null  $role  what it is there for; null: what is in it tells
     */
    public function __construct(
        public ?float $leftMl = null,
        public ?float $price = null,
        public ?string $openedOn = null,
        public ?int $keepsMonths = null,
        public string $note = '',
        public string $thinner = '',
        public ?string $thinnedOn = null,
        public array $signs = [],
        public bool $isWithdrawn = false,
        public ?float $holdsMl = null,
        public ?JarRole $role = null,
    ) {
    }

    /** The day on which it is past its time; null: it is closed, or nobody has said. */
    public function goesOffOn(Material $material): ?string
    {
        $days = [];
        if ($this->openedOn !== null && $this->keepsMonths !== null) {
            $days[] = self::monthsAfter($this->openedOn, $this->keepsMonths);
        }
        if ($this->thinnedOn !== null && $material->behavesAs() === BinderFamily::WaterborneAcrylic) {
            $days[] = self::monthsAfter($this->thinnedOn, self::THINNED_KEEPS);
        }

        return $days === [] ? null : min($days);
    }

    /** What a millilitre of it has cost, in its owner's money; null: price or size of the jar is not known. */
    public function perMl(): ?float
    {
        return $this->price === null || $this->holdsMl === null ? null : $this->price / $this->holdsMl;
    }

    /** The same day of a later month, or its last one where that is shorter. */
    private static function monthsAfter(string $day, int $months): string
    {
        $first = (new \DateTimeImmutable($day))->modify("first day of +{$months} months");
        $last = min((int) substr($day, 8), (int) $first->format('t'));

        return $first->format('Y-m-').sprintf('%02d', $last);
    }
}
