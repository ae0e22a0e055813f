<?php

declare(strict_types=1);

use Ulvrach\Plan\VehicleKind;
use Ulvrach\Vehicle\Catalogue;
use Ulvrach\Vehicle\Form;
use Ulvrach\Vehicle\Mesh;
use Ulvrach\Vehicle\Parameter;

// Nobody can say of a fender that it is a centimetre too high, but everybody notices when it has moved by mistake. So
// what vehicles look like is written down: each zone by how many triangles it has, their area, middle and spread.
// Where a shape was changed on purpose: UPDATE_SHAPES=1 vendor/bin/pest tests/Core/Vehicle/ShapesTest.php

/** @return list<string> a line a zone, then the lines and rivets that are drawn on it */
function shapeOf(Mesh $mesh): array
{
    $sums = [];
    foreach ($mesh->zones as $triangle => $zone) {
        [$a, $b, $c] = array_map(
            static fn (int $corner) => array_slice($mesh->points, 3 * $corner, 3),
            array_slice($mesh->triangles, 3 * $triangle, 3),
        );
        [$u, $v] = [[], []];
        foreach ([0, 1, 2] as $axis) {
            [$u[], $v[]] = [$b[$axis] - $a[$axis], $c[$axis] - $a[$axis]];
        }
        $area = hypot(
            $u[1] * $v[2] - $u[2] * $v[1],
            hypot($u[2] * $v[0] - $u[0] * $v[2], $u[0] * $v[1] - $u[1] * $v[0]),
        ) / 2.0;
        $sums[$zone->value] ??= [0, 0.0, 0.0, 0.0, 0.0, 0.0];
        $sums[$zone->value][0]++;
        $sums[$zone->value][1] += $area;
        foreach ([0, 1, 2] as $axis) {
            $at = ($a[$axis] + $b[$axis] + $c[$axis]) / 3.0;
            $sums[$zone->value][2 + $axis] += $area * ($axis === 2 ? abs($at) : $at);
            $sums[$zone->value][5] += $area * $at * $at;
        }
    }
    ksort($sums);
    $lines = [];
    foreach ($sums as $zone => [$count, $area, $x, $y, $z, $squares]) {
        $lines[] = sprintf(
            '%s: %d of %.4f m2 at %.1f %.1f %.1f, spread %.1f',
            $zone,
            $count,
            $area / 1e6,
            $x / $area,
            $y / $area,
            $z / $area,
            sqrt($squares / $area),
        );
    }
    // What is drawn on faces: as many numbers as there are, and what they come to.
    foreach (['lines' => $mesh->lines, 'rivets' => $mesh->rivets] as $what => $drawn) {
        preg_match_all('/-?\d+\.\d+/', json_encode($drawn, JSON_PRESERVE_ZERO_FRACTION) ?: '', $numbers);
        $lines[] = sprintf('%s: %d, %.1f', $what, count($drawn), array_sum(array_map(floatval(...), $numbers[0])));
    }

    return $lines;
}

it('looks as it did', function (VehicleKind $kind) {
    $of = static fn (Closure $value): Form => Catalogue::formOf($kind, array_combine(
        array_column(Catalogue::parametersOf($kind), 'code'),
        array_map($value, Catalogue::parametersOf($kind)),
    ));
    $forms = [
        'as usual' => $of(static fn (Parameter $parameter) => $parameter->usual),
        'all at the least' => $of(static fn (Parameter $parameter) => $parameter->least),
        'all at the greatest' => $of(static fn (Parameter $parameter) => $parameter->greatest),
    ];
    $lines = [];
    foreach ($forms as $name => $form) {
        $lines = [...$lines, "## {$name}", ...shapeOf(Catalogue::build($kind, $form)), ''];
    }
    $golden = __DIR__."/golden/{$kind->value}.txt";
    if (getenv('UPDATE_SHAPES') === '1') {
        file_put_contents($golden, implode("\n", $lines));
    }

    expect(implode("\n", $lines))->toBe((string) file_get_contents($golden));
})->with(VehicleKind::cases());
