<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\DB;

it('reads what a person has once a request', function (string $method, string $path, array $body, int $most) {
    $this->travelTo(new DateTimeImmutable('2026-11-24 10:07:00 UTC'));
    $this->artisan('ulvrach:demo')->assertSuccessful();
    $this->actingAs(User::query()->sole());
    $id = $this->getJson('/api/builds')->json('builds.0.id');
    $path = str_replace('{build}', $id, $path);
    DB::enableQueryLog();
    $this->json($method, $path, $body)->assertSuccessful();
    $queries = array_column(DB::getQueryLog(), 'query');
    DB::disableQueryLog();
    // The session is the framework's, and read and written once.
    $own = array_values(array_filter($queries, static fn (string $sql) => ! str_contains($sql, '"sessions"')));

    expect(array_unique($own))->toBe($own, implode("\n", $own))
        ->and(count($own))->toBeLessThanOrEqual($most, implode("\n", $own));
})->with([
    'the desk' => ['GET', '/api/work', [], 5],
    'supplies' => ['GET', '/api/supplies', [], 6],
    'the shelf' => ['GET', '/api/shelf', [], 6],
    'the closest mixes' => [
        'POST',
        '/api/mixes/closest',
        ['wanted' => '#566043', 'families' => ['waterborne-acrylic'], 'most' => 2],
        7,
    ],
    'the home page' => ['GET', '/api/builds', [], 7],
    'the clock' => ['POST', '/api/clock', [], 6],
    'a build' => ['GET', '/api/builds/{build}', [], 7],
    'the diary' => ['GET', '/api/diary', [], 6],
    'trials' => ['GET', '/api/trials', [], 5],
]);
