<?php

declare(strict_types=1);

namespace Ulvrach\Stuff\Palette;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Mixing\Paint;
use Ulvrach\Light\Mixing\PaintMaker;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Material\Material;
use Ulvrach\Stuff\Material\Product;

/** What is in the cup: jars and other mixes with their parts, how much of it is paint, and what else was dropped in. */
final readonly class Cup
{
    /**
     * @param  non-empty-list<array{Product|KeptMix, int}>  $parts  as they are when they are poured; of a mix its
     *   paint, before it is thinned
     * @param  float  $share  of paint, the rest being thinner: above 0, at most 1
     * @param  Lab|null  $wanted  the colour that it was to have; null: none in particular
     * @param  float  $retarder  for one part of paint
     * @param  float  $flow  flow improver for one part of paint
     */
    public function __construct(
        public array $parts,
        public float $share = 1.0,
        public ?Lab $wanted = null,
        public float $retarder = 0.0,
        public float $flow = 0.0,
    ) {
    }

    /** @return non-empty-list<Product> each once, those of mixes among them */
    public function jars(): array
    {
        $jars = [];
        foreach ($this->parts as [$of]) {
            foreach ($of instanceof KeptMix ? $of->cup->jars() : [$of] as $jar) {
                $jars[$jar->id] = $jar;
            }
        }

        return array_values($jars);
    }

    /** Parts of all that is in it. */
    public function whole(): int
    {
        return array_sum(array_column($this->parts, 1));
    }

    /** @return array<string, float> by id of the jar, those of mixes among them; together whole() */
    public function weights(): array
    {
        $weights = [];
        foreach ($this->parts as [$of, $count]) {
            $each = $of instanceof KeptMix ? $of->cup->weights() : [$of->id => 1.0];
            $all = array_sum($each);
            foreach ($each as $jar => $weight) {
                $weights[$jar] = ($weights[$jar] ?? 0.0) + $count * $weight / $all;
            }
        }

        return $weights;
    }

    /** Null: nothing in it has a colour. */
    public function paint(): ?Paint
    {
        return (new Palette($this->jars()))->mixed($this->weights());
    }

    /**
     * What is in it as a jar of its own: what its first jar is, but for colour, sheen and how well it hides. Flakes of
     * metal in one jar are in all of it; how long it dries is known where all that is in it dries alike.
     */
    public function product(string $id, string $name): Product
    {
        $materials = array_map(static fn (Product $jar) => $jar->material, $this->jars());
        $times = $materials[0]->times;
        $paint = $this->paint();

        return new Product($id, $name, $materials[0]->with(
            sheen: $this->sheen(),
            colour: $paint === null ? null : Lab::fromHex(Palette::colourOf($paint)->toHex()),
            opacity: $paint === null ? null : round(PaintMaker::hiding($paint), 3),
            times: array_filter($materials, static fn (Material $one) => $one->times != $times) === [] ? $times : null,
            metallic: in_array(true, array_column($materials, 'metallic'), true),
        ));
    }

    /** Of what is laid, how much stays as paint: what it is thinned with, and what is dropped in, dries away. */
    public function paintShare(): float
    {
        return 1.0 / (1.0 / $this->share + $this->retarder + $this->flow);
    }

    /** Null: what is in it leaves the sheen below as it is. */
    public function sheen(): ?Sheen
    {
        $weights = $this->weights();
        $by = [];
        foreach ($this->jars() as $jar) {
            $sheen = $jar->material->sheen;
            if ($sheen !== null) {
                $by[$sheen->value] = ($by[$sheen->value] ?? 0.0) + $weights[$jar->id];
            }
        }

        return $by === [] ? null : MixedSheen::of($by);
    }
}
