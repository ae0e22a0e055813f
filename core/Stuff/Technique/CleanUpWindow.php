<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Technique;

use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Sheen;

/**
 * Minutes after application between which a clean-up works: before, it takes everything; after, nothing or the paint.
 */
final readonly class CleanUpWindow
{
    /** Minutes; docs/sources.md, "clean-up by ground". */
    private const ON_SATIN = 360;

    private const EASY_ON_MATTE = 60;

    private const OIL_OPENS = [5, 10];

    private const ON_MATTE = 120;

    /**
     * @param  int  $earliest  before, it is surely too early
     * @param  int  $surely  from then on it is surely not
     * @param  int|null  $bestUntil  with little effort; null: all the time
     * @param  int|null  $latest  null: it can be wiped at any later time
     */
    public function __construct(
        public int $earliest,
        public int $surely,
        public ?int $bestUntil,
        public ?int $latest,
        public string $sign,
    ) {
    }

    /** The same for what it is done with: oil can be worked sooner than enamel, which has to dull first. */
    public function of(?BinderFamily $family): self
    {
        return $family !== BinderFamily::ArtistOil
            ? $this
            : new self(
                min($this->earliest, self::OIL_OPENS[0]),
                min($this->surely, self::OIL_OPENS[1]),
                $this->bestUntil,
                $this->latest,
                'no longer shining',
            );
    }

    /**
     * The same on a ground: gloss keeps a wash movable for a day, satin for some hours, matte drinks it. What never
     * sets stays so on any ground.
     */
    public function on(?Sheen $ground): self
    {
        if ($this->latest === null || $ground === null) {
            return $this;
        }
        [$best, $latest] = match ($ground) {
            Sheen::Gloss => [$this->bestUntil, $this->latest],
            Sheen::Satin => [$this->bestUntil, min($this->latest, self::ON_SATIN)],
            Sheen::Matte => [
                min($this->bestUntil ?? $this->latest, self::EASY_ON_MATTE),
                min($this->latest, self::ON_MATTE),
            ],
        };

        return new self($this->earliest, $this->surely, $best, $latest, $this->sign);
    }

    /** The same where everything takes so many times as long. */
    public function stretched(float $factor): self
    {
        $times = static fn (int $minutes): int => (int) ceil($minutes * $factor - 1e-9);

        return new self(
            $times($this->earliest),
            $times($this->surely),
            $this->bestUntil === null ? null : $times($this->bestUntil),
            $this->latest === null ? null : $times($this->latest),
            $this->sign,
        );
    }
}
