<?php

declare(strict_types=1);

namespace Tests;

use App\Models\User;
use App\Vehicles\Measurements;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Testing\TestResponse;

/** What the HTTP tests share: a modeller at the door, and a build to work on. */
abstract class TestCase extends BaseTestCase
{
    private static ?Measurements $measurements = null;

    protected function setUp(): void
    {
        parent::setUp();
        // Measuring a tank takes two seconds, and nothing of it belongs to one test.
        self::$measurements ??= new Measurements(new Repository(new ArrayStore()));
        $this->app->instance(Measurements::class, self::$measurements);
    }

    /** Somebody who is signed in is read anew for each request, with all that hangs on them; here it is one object. */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        $user = $this->app->make('auth')->user();
        if ($user instanceof User) {
            $user->setRelations([]);
        }

        return parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
    }

    protected function modeller(): User
    {
        return User::factory()->createOne();
    }

    /** A new build of this person, as the API answers it. */
    protected function startBuild(User $user, string $kind = 'tank'): TestResponse
    {
        return $this->actingAs($user)
            ->postJson('/api/builds', [
                'name' => 'Ostrel, third troop',
                'vehicle' => 'Ostrel',
                'kind' => $kind,
                'scale' => 35,
            ])
            ->assertCreated();
    }

    /**
     * A build of a new person whose primer is done since ten on the day before Christmas.
     *
     * @param  bool  $counts  whether clock and bench count with the usual room
     * @return array<string, mixed> as the bench shows it
     */
    protected function driedBuild(bool $counts): array
    {
        $user = $this->modeller();
        $this->actingAs($user)
            ->putJson('/api/room', [...$this->getJson('/api/room')->json('profile'), 'counts' => $counts])
            ->assertOk();
        $id = $this->startBuild($user)->json('id');
        $this->postJson("/api/builds/{$id}/edits", [
            'version' => 1,
            'edits' => [$this->primerJar(), $this->primer()],
        ])->assertOk();
        $this->postJson("/api/builds/{$id}/log", [
            'entries' => [logged('finished', 'first', ['at' => '2026-12-24T10:00:00Z'])],
        ])->assertCreated();

        return $this->getJson('/api/builds')->assertOk()->json('builds.0');
    }

    /** @return array<string, mixed> the edit that lays a primer on one zone */
    protected function primer(string $id = 'first', string $zone = 'turret'): array
    {
        return [
            'edit' => 'insert-step',
            'at' => 0,
            'step' => ['id' => $id, 'technique' => 'prime', 'product' => 'primer', 'zones' => [$zone]],
        ];
    }

    /** @return array<string, mixed> */
    protected function primerJar(): array
    {
        return [
            'edit' => 'put-product',
            'product' => [
                'id' => 'primer',
                'name' => 'Fennick grey primer',
                'family' => 'lacquer',
                'carrier' => 'lacquer-thinner',
                'sheen' => 'matte',
                'colour' => '#7c7d7b',
            ],
        ];
    }
}
