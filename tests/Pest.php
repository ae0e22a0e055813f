<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Http');

/**
 * A log entry as a browser sends it.
 *
 * @param  array<string, mixed>  $more
 * @return array<string, mixed>
 */
function logged(string $kind, ?string $step, array $more = []): array
{
    return [
        'id' => (string) Str::uuid(),
        'kind' => $kind,
        'at' => '2026-11-20T10:00:00Z',
        'step' => $step,
        ...$more,
    ];
}
