<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Testing\TestResponse;

beforeEach(function () {
    $this->artisan('ulvrach:demo')->assertSuccessful();
    $this->postJson('/api/session/demo')->assertOk();
    $visitor = User::query()->where('email', 'demo@tarsholm.example')->firstOrFail();
    $this->builds = $visitor->builds()->pluck('id')->all();
});

it('answers as the contract says', function (string $method, string $path, string $definition, array $body = []) {
    $answer = $this->json($method, $path, $body)->assertSuccessful();

    expect(unlikeTheContract($answer, $definition))->toBe([]);
})->with([
    'who is there' => ['GET', '/api/session', 'session'],
    'what everybody knows' => ['GET', '/api/library', 'library'],
    'a vehicle' => ['GET', '/api/vehicles/half-track', 'vehicle'],
    'the plates of a vehicle' => ['GET', '/api/vehicles/scout-car/plates', 'plates'],
    'the almanac' => ['GET', '/api/almanac', 'almanac'],
    'the bench' => ['GET', '/api/builds', 'builds'],
    'the room' => ['GET', '/api/room', 'room'],
    'the week' => ['GET', '/api/week', 'weekSettings'],
    'a feed' => ['POST', '/api/feed', 'weekSettings'],
    'the clock' => ['POST', '/api/clock', 'timetable'],
    'a search' => ['POST', '/api/clock/searches', 'search'],
    'jars' => ['GET', '/api/jars', 'jars'],
    'a table of jars' => ['POST', '/api/shelf/import', 'shelfTable', ['table' => "name\nFir"]],
    'the shelf' => ['GET', '/api/shelf', 'ownShelf'],
    'schools' => ['GET', '/api/schools', 'schools'],
    'the closest mixes' => ['POST', '/api/mixes/closest', 'closestMixes', ['wanted' => '#7d7f5c']],
    'what is in the cup' => [
        'POST',
        '/api/mixes/look',
        'cupLook',
        [
            'parts' => [['jar' => 'vellow-31', 'parts' => 3]],
            'share' => 0.5,
            'wanted' => '#566043',
            'ground' => '#222222',
        ],
    ],
    'a mix that is kept' => [
        'POST',
        '/api/mixes',
        'savedMix',
        ['name' => 'Faded', 'parts' => [['jar' => 'vellow-31', 'parts' => 3]], 'share' => 1],
    ],
    'mixes' => ['GET', '/api/mixes', 'savedMixes'],
    'a new build' => [
        'POST',
        '/api/builds',
        'buildState',
        ['name' => 'Ostrel', 'vehicle' => 'Ostrel', 'kind' => 'tank', 'scale' => 35],
    ],
]);

it('answers for every demo build as the contract says', function () {
    foreach ($this->builds as $id) {
        $state = $this->getJson("/api/builds/{$id}");
        expect(unlikeTheContract($this->getJson("/api/builds/{$id}/placing?at=3"), 'placing'))->toBe([]);
        expect(unlikeTheContract($state, 'buildState'))
            ->toBe([])
            ->and(unlikeTheContract($this->getJson("/api/builds/{$id}/repair"), 'repair'))
            ->toBe([]);
        foreach ($state->json('verdict.findings') as $finding) {
            $remedies = $this->getJson("/api/builds/{$id}/remedies/{$finding['key']}");
            expect(unlikeTheContract($remedies, 'remedies'))->toBe([]);
        }
        foreach ($state->json('plan.steps') as $step) {
            $knowledge = $this->getJson("/api/builds/{$id}/steps/{$step['id']}");
            expect(unlikeTheContract($knowledge, 'knowledge'))->toBe([]);
        }
        foreach ($state->json('plan.zones') as $zone) {
            $scratch = $this->getJson("/api/builds/{$id}/zones/{$zone['id']}/scratch");
            expect(unlikeTheContract($scratch, 'scratch'))->toBe([]);
            $piece = $this->getJson("/api/builds/{$id}/zones/{$zone['id']}/piece?finding=wash-on-matte");
            expect(unlikeTheContract($piece, 'piece'))->toBe([]);
        }
    }
});

it('answers edits, previews, entries and conflicts as the contract says', function () {
    $id = $this->builds[0];
    $edits = [['edit' => 'add-step', 'id' => 'new', 'technique' => 'enamel-wash', 'at' => 0, 'zones' => []]];
    $trial = ['rule' => 'seal-before-wash', 'where' => 'underside', 'rubs' => 10, 'passed' => true];
    $log = ['entries' => [logged('trial', 'new', ['trial' => $trial])]];
    $answers = [
        [$this->postJson("/api/builds/{$id}/preview", ['edits' => $edits]), 'outcome'],
        [$this->postJson("/api/builds/{$id}/edits", ['version' => 1, 'edits' => $edits]), 'buildState'],
        [$this->postJson("/api/builds/{$id}/log", $log), 'buildState'],
        [$this->postJson("/api/builds/{$id}/undo", ['version' => 2]), 'buildState'],
        [$this->postJson("/api/builds/{$id}/redo", ['version' => 3]), 'buildState'],
    ];
    foreach ($answers as [$answer, $definition]) {
        expect(unlikeTheContract($answer->assertSuccessful(), $definition))->toBe([]);
    }
});

it('notices what is missing, surplus or of another kind', function (array $session) {
    $answer = TestResponse::fromBaseResponse(response()->json($session));

    expect(unlikeTheContract($answer, 'session'))->not->toBe([]);
})->with([
    'missing' => [['user' => null]],
    'surplus' => [['user' => null, 'demo' => true, 'more' => 1]],
    'of another kind' => [['user' => null, 'demo' => 'yes']],
]);
