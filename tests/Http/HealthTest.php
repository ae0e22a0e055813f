<?php

declare(strict_types=1);

use App\Health\Worker;
use Illuminate\Database\ConnectionInterface;

it('is up while database, disk and worker are there', function () {
    app(Worker::class)->isThere();
    $this->getJson('/up')
        ->assertOk()
        ->assertExactJson(['status' => 'up', 'database' => 'ok', 'disk' => 'ok', 'worker' => 'ok']);
});

it('says that the worker is missing, and for how long', function () {
    $this->getJson('/up')
        ->assertStatus(503)
        ->assertJsonPath('status', 'impaired')
        ->assertJsonPath('worker', 'The worker that searches timetables has not been seen.');
    app(Worker::class)->isThere();
    $this->travel(100)->seconds();
    $this->getJson('/up')->assertOk();
    $this->travel(9)->minutes();
    $this->getJson('/up')
        ->assertStatus(503)
        ->assertJsonPath('worker', 'The worker that searches timetables was last seen 10 minutes ago.');
    app(Worker::class)->isThere();
    $this->getJson('/up')->assertOk();
});

it('says that the database is away, and nothing of where it is', function () {
    $away = Mockery::mock(ConnectionInterface::class);
    $away->shouldReceive('select')->andThrow(new RuntimeException('could not connect to 127.0.0.1 as ulvrach'));
    $this->app->instance(ConnectionInterface::class, $away);
    $answer = $this->getJson('/up')->assertStatus(503);
    expect($answer->json('database'))->toStartWith('The database does not answer')
        ->and($answer->getContent())->not->toContain('127.0.0.1')->not->toContain('could not');
});

it('answers that it is alive whatever else is', function () {
    $this->get('/alive')->assertOk()->assertSee('alive');
});
