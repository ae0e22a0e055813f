<?php

declare(strict_types=1);

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Colour\Upsampler;
use Ulvrach\Light\Mixing\PaintMaker;
use Ulvrach\Memory;
use Ulvrach\SharedMemory;

/** A memory that all processes share, as one of them sees it. */
function sharedBy(): SharedMemory
{
    return new class() implements SharedMemory
    {
        /** @var array<string, mixed> */
        public array $kept = [];

        public int $found = 0;

        public function find(string $key): mixed
        {
            $this->found += isset($this->kept[$key]) ? 1 : 0;

            return $this->kept[$key] ?? null;
        }

        public function keep(string $key, mixed $value): void
        {
            $this->kept[$key] = $value;
        }
    };
}

afterEach(fn () => Memory::lend(null));

it('works numbers out once, and never if another process has', function () {
    $shared = sharedBy();
    $shared->keep('theirs', [4.0]);
    Memory::lend($shared);
    $worked = 0;
    $work = static function () use (&$worked): array {
        $worked++;

        return [1.0, 2.0];
    };

    expect(Memory::of('a test: ours', $work))->toBe([1.0, 2.0])
        ->and(Memory::of('a test: ours', $work))->toBe([1.0, 2.0])
        ->and($worked)->toBe(1)
        ->and($shared->kept['a test: ours'])->toBe([1.0, 2.0])
        ->and(Memory::of('theirs', $work))->toBe([4.0])
        ->and($worked)->toBe(1);
});

it('knows colours and paints by all that they depend on', function () {
    $shared = sharedBy();
    Memory::lend($shared);
    $fresh = [];
    foreach ([['#345678', 0.7], ['#345678', 0.71], ['#345679', 0.7]] as [$hex, $hides]) {
        $lab = Lab::fromHex($hex);
        $fresh[] = PaintMaker::paint(new Lab($lab->l + 0.001, $lab->a, $lab->b), $hides);
        Upsampler::reflectanceOf($lab);
    }

    expect($fresh[0]->scattering)->not->toBe($fresh[1]->scattering)
        ->and($fresh[0]->absorption)->not->toBe($fresh[2]->absorption)
        ->and(count($shared->kept))->toBeGreaterThanOrEqual(5);
});
