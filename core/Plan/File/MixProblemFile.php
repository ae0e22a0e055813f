<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

use Ulvrach\Light\Colour\Lab;
use Ulvrach\Light\Mixing\MixSolver;
use Ulvrach\Light\Mixing\Paint;

/** A shelf as plain numbers, and colours that are wanted of it. See docs/mix-problem-file.md. */
final readonly class MixProblemFile
{
    /** @param  list<Lab>  $targets */
    private function __construct(public MixSolver $solver, public array $targets)
    {
    }

    /** @throws BadPlanFile with the path of every fault */
    public static function read(string $json): self
    {
        $faults = SchemaCheck::faults(PlanReader::decode($json), SchemaCheck::MIX_PROBLEM);
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }
        /**
         * @var array{
         *   maxParts?: int,
         *   maxPaints?: int,
         *   weights: array{list<int|float>, list<int|float>, list<int|float>},
         *   paints: list<array{S: int|float, K: list<int|float>}>,
         *   targets: list<array{lab: array{int|float, int|float, int|float}}>,
         * } $data
         */
        $data = json_decode($json, true);
        [$toX, $toY, $toZ] = $data['weights'];

        return new self(
            new MixSolver(
                array_map(
                    static fn (array $paint) => new Paint((float) $paint['S'], array_map(floatval(...), $paint['K'])),
                    $data['paints'],
                ),
                [
                    array_map(floatval(...), $toX),
                    array_map(floatval(...), $toY),
                    array_map(floatval(...), $toZ),
                ],
                $data['maxParts'] ?? 12,
                $data['maxPaints'] ?? 3,
            ),
            array_map(
                static fn (array $target) => new Lab(...array_map(floatval(...), $target['lab'])),
                $data['targets'],
            ),
        );
    }
}
