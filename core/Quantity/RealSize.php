<?php

declare(strict_types=1);

namespace Ulvrach\Quantity;

/**
 * How large things are on real vehicles, so that they are made as small as that on a model. Usual ranges, as measured
 * on restored vehicles and read off photographs beside something of known size; docs/sources.md, "real sizes".
 */
final readonly class RealSize
{
    /**
     * @param  float  $least  millimetres on the vehicle
     * @param  float  $most  beyond it, it is taken for something else
     */
    private function __construct(
        public string $code,
        public string $what,
        public float $least,
        public float $most,
        public string $note,
    ) {
    }

    /** @return array<string, self> by code, from small wear to large patterns */
    public static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;

        return $all ??= array_column(
            [
                new self(
                    code: 'chip',
                    what: 'Paint chips from knocks and boots',
                    least: 2.0,
                    most: 25.0,
                    note: 'Larger ones are bare patches, which wear leaves where people climb.',
                ),
                new self(
                    code: 'rubbed-edge',
                    what: 'Edges rubbed bare, across the edge',
                    least: 3.0,
                    most: 40.0,
                    note: 'Wide where hands and boots go, hair-fine elsewhere.',
                ),
                new self(
                    code: 'scratch',
                    what: 'Scratches of branches and wire, wide',
                    least: 1.0,
                    most: 5.0,
                    note: 'Long and thin: length gives them away, not width.',
                ),
                new self(
                    code: 'rust-spot',
                    what: 'Specks of rust',
                    least: 1.0,
                    most: 6.0,
                    note: 'A cluster of specks reads as corrosion, one of 20 mm as a hole.',
                ),
                new self(
                    code: 'streak',
                    what: 'Streaks of rain and rust, wide',
                    least: 5.0,
                    most: 60.0,
                    note: 'Drawn from a bolt or a ledge, narrower below.',
                ),
                new self(
                    code: 'streak-length',
                    what: 'The same, long',
                    least: 100.0,
                    most: 900.0,
                    note: 'No longer than the plate on which they run.',
                ),
                new self(
                    code: 'oil-stain',
                    what: 'Oil and fuel stains, across',
                    least: 50.0,
                    most: 400.0,
                    note: 'Soft at the rim, darkest below the filler.',
                ),
                new self(
                    code: 'drop',
                    what: 'Drops of flung mud',
                    least: 3.0,
                    most: 30.0,
                    note: 'The faster the wheel, the finer and the higher.',
                ),
                new self(
                    code: 'clod',
                    what: 'Clods of earth',
                    least: 10.0,
                    most: 75.0,
                    note: 'What is larger falls off the track.',
                ),
                new self(
                    code: 'mud-depth',
                    what: 'Caked mud, deep',
                    least: 5.0,
                    most: 60.0,
                    note: 'In corners and behind wheels; on faces a few millimetres.',
                ),
                new self(
                    code: 'weld',
                    what: 'Weld beads, wide',
                    least: 6.0,
                    most: 15.0,
                    note: 'A raised line: it catches wash on both sides.',
                ),
                new self(
                    code: 'bolt',
                    what: 'Heads of bolts and rivets, across',
                    least: 15.0,
                    most: 40.0,
                    note: 'A shadow below, a light above.',
                ),
                new self(
                    code: 'strap',
                    what: 'Leather and webbing straps, wide',
                    least: 20.0,
                    most: 50.0,
                    note: 'Two to five millimetres thick.',
                ),
                new self(
                    code: 'grass',
                    what: 'Blades of grass and straw, wide',
                    least: 2.0,
                    most: 8.0,
                    note: 'Fibres for scenery are often twice as wide.',
                ),
                new self(
                    code: 'rope',
                    what: 'Ropes and cables, across',
                    least: 8.0,
                    most: 30.0,
                    note: 'Twisted: the lay is seen before the fibre.',
                ),
                new self(
                    code: 'stencil',
                    what: 'Strokes of stencilled letters',
                    least: 10.0,
                    most: 25.0,
                    note: 'Letters of 50 to 150 mm.',
                ),
                new self(
                    code: 'soft-edge',
                    what: 'Soft edges of sprayed camouflage, wide',
                    least: 50.0,
                    most: 200.0,
                    note: 'The spray gun was held an arm’s length away.',
                ),
                new self(
                    code: 'band',
                    what: 'Bands of camouflage, wide',
                    least: 300.0,
                    most: 900.0,
                    note: 'Wider on the hull than on the turret.',
                ),
            ],
            null,
            'code',
        );
    }

    public static function of(string $code): self
    {
        return self::all()[$code] ?? throw new \InvalidArgumentException("Nobody has measured “{$code}”.");
    }
}
