<?php

declare(strict_types=1);

use Tests\Core\PlainWork;

it('looks as somebody who paints would say', function (string $ground, array $first, array $steps, array $claims) {
    expect(PlainWork::faults([$ground, $first, $steps, $claims]))->toBe([])
        ->and($claims)->not->toBe([]);
})->with(PlainWork::cases());
