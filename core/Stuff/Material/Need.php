<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Material;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Technique\Nature;
use Ulvrach\Stuff\Technique\Technique;

/**
 * What a piece of work asks of a product. Families and colour are conditions; among products that meet them the one of
 * the preferred family is better, then the one of the preferred sheen, then the one whose colour is nearer.
 */
final readonly class Need
{
    /** CIEDE2000 within which a colour still does for a purpose that has a usual colour: another brown, not a green. */
    public const SAME_PURPOSE = 16.0;

    /**
     * @param  list<BinderFamily>  $families  that will do
     * @param  BinderFamily|null  $preferred  null: the first of them
     * @param  bool  $clear  whether it has to be clear, or has to have a colour
     * @param  bool  $sheenMatters  whether another sheen will not do
     * @param  Lab|null  $colour  null: any
     * @param  float  $within  CIEDE2000 from that colour up to which it will do
     * @param  list<Lab>  $apartFrom  colours that it must not be taken for
     * @param  float  $by  CIEDE2000 that it has to keep from them
     * @param  bool  $hides  whether it has to be paint: a wash of the same binder leaves the sheen below and is none
     * @param  Purpose|null  $purpose  that it has to serve; null: none in particular
     */
    private function __construct(
        public array $families,
        public ?BinderFamily $preferred,
        public bool $clear,
        public ?Sheen $sheen = null,
        public bool $sheenMatters = false,
        public ?Lab $colour = null,
        public float $within = self::SAME_PURPOSE,
        public array $apartFrom = [],
        public float $by = 0.0,
        public bool $hides = false,
        public ?Purpose $purpose = null,
    ) {
    }

    /** What a technique is usually done with: for one that has no usual colour, any product of its families. */
    public static function of(Technique $technique): self
    {
        $want = $technique->wants;

        return new self(
            families: $want?->onlyThisFamily === true ? [$want->family] : $technique->families,
            preferred: $want?->family,
            clear: $want !== null && $want->colour === null,
            sheen: $want?->sheen,
            // A clear coat is known by its sheen; paint comes as it comes.
            sheenMatters: $want !== null && $want->colour === null && $want->sheen !== null,
            colour: $want?->colour === null ? null : Lab::fromHex($want->colour),
            within: $want?->anyColour === true ? INF : self::SAME_PURPOSE,
            hides: $technique->kind->is(Nature::Hides),
            purpose: Purpose::of($technique),
        );
    }

    /** A coat that keeps the next liquid off what lies below: waterborne, which harms the least. */
    public static function clearCoat(Sheen $sheen): self
    {
        return new self(
            families: [BinderFamily::WaterborneAcrylic],
            preferred: null,
            clear: true,
            sheen: $sheen,
            sheenMatters: true,
        );
    }

    /** The same need, met only by these families. */
    public function inFamilies(BinderFamily ...$families): self
    {
        return $this->with(['families' => array_values($families), 'preferred' => null]);
    }

    public function inSheen(Sheen $sheen): self
    {
        return $this->with(['sheen' => $sheen, 'sheenMatters' => true]);
    }

    /** The same need in another colour, or nearly. */
    public function inColour(Lab $colour): self
    {
        return $this->with(['colour' => $colour, 'clear' => false]);
    }

    /** The same need, met only by colours that are as near to the usual one. */
    public function within(float $difference): self
    {
        return $this->with(['within' => $difference]);
    }

    /**
     * The same need, and it must not look like any of these.
     *
     * @param  list<Lab>  $colours
     * @param  float  $by  CIEDE2000
     */
    public function apartFrom(array $colours, float $by): self
    {
        return $this->with(['apartFrom' => $colours, 'by' => $by]);
    }

    public function isMetBy(Material $material): bool
    {
        $isOtherSheen = $this->sheenMatters && $material->sheen !== $this->sheen;
        if ($isOtherSheen || ! in_array($material->family, $this->families, true)) {
            return false;
        }
        if ($this->purpose?->suits($material) === false) {
            return false;
        }
        if ($material->colour === null) {
            return $this->clear;
        }
        if ($this->hides && $material->sheen === null) {
            return false;
        }
        if (
            $this->clear ||
            ($this->colour !== null && $this->colour->differenceTo($material->colour) > $this->within)
        ) {
            return false;
        }
        foreach ($this->apartFrom as $other) {
            if ($other->differenceTo($material->colour) < $this->by) {
                return false;
            }
        }

        return true;
    }

    /** @return array{int, int, float} less is better, the first before the next */
    public function distanceTo(Material $material): array
    {
        $preferred = $this->preferred ?? ($this->families[0] ?? null);

        return [
            $material->family === $preferred ? 0 : 1,
            $this->sheen === null || $material->sheen === $this->sheen ? 0 : 1,
            $this->colour === null || $material->colour === null ? 0.0 : $this->colour->differenceTo($material->colour),
        ];
    }

    /**
     * @param  array{
     *   families?: list<BinderFamily>,
     *   preferred?: BinderFamily|null,
     *   clear?: bool,
     *   sheen?: Sheen,
     *   sheenMatters?: bool,
     *   colour?: Lab|null,
     *   apartFrom?: list<Lab>,
     *   by?: float,
     *   within?: float,
     * }  $changes
     */
    private function with(array $changes): self
    {
        return new self(
            families: $changes['families'] ?? $this->families,
            preferred: array_key_exists('preferred', $changes) ? $changes['preferred'] : $this->preferred,
            clear: $changes['clear'] ?? $this->clear,
            sheen: $changes['sheen'] ?? $this->sheen,
            sheenMatters: $changes['sheenMatters'] ?? $this->sheenMatters,
            colour: array_key_exists('colour', $changes) ? $changes['colour'] : $this->colour,
            within: $changes['within'] ?? $this->within,
            apartFrom: $changes['apartFrom'] ?? $this->apartFrom,
            by: $changes['by'] ?? $this->by,
            hides: $this->hides,
            purpose: $this->purpose,
        );
    }
}
