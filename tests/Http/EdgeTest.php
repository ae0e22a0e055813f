<?php

declare(strict_types=1);

use App\Clock\Effort;
use App\Clock\Turns;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** A request whose body is sent as it is. */
function raw(
    string $method,
    string $path,
    string $body,
    string $type = 'application/json',
): Illuminate\Testing\TestResponse {
    return test()->call(
        $method,
        $path,
        [],
        [],
        [],
        ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'],
        $body,
    );
}

it('answers what cannot be read with a sentence in JSON', function (string $path) {
    $answer = $this->call('GET', $path);

    expect($answer->status())
        ->toBeIn([400, 404])
        ->and($answer->headers->get('Content-Type'))
        ->toStartWith('application/json')
        ->and($answer->json('message'))
        ->toBeString();
})->with([
    'a zero character in the path' => '/api/builds/%00',
    'broken letters in the path' => '/api/%ff%fe',
    'a zero character behind the question mark' => '/api/session?x=%00',
    'broken letters behind the question mark' => '/api/session?x=%c3%28',
    'an id that is none' => '/api/builds/not-an-id',
    'a school beyond all numbers' => '/api/schools/99999999999999999999999999',
    'nothing there' => '/api/none',
]);

it('refuses forms and files where JSON is asked for', function () {
    $this->post('/api/session', ['email' => "a\0b", 'password' => 'x'])->assertStatus(415);
    $this->call(
        'POST',
        '/api/session',
        ['email' => 'a'],
        [],
        [],
        ['CONTENT_TYPE' => 'multipart/form-data'],
    )->assertStatus(415);
});

it('counts every spelling of an address at the door as one', function () {
    foreach (['jorun@tarsholm.example', ' JORUN@tarsholm.example', 'jorun@Tarsholm.example '] as $address) {
        foreach ([1, 2] as $_) {
            $last = $this->postJson('/api/session', ['email' => $address, 'password' => 'guess']);
        }
    }
    $last->assertStatus(429);
    raw('POST', '/api/session', '{"email":"jorun@tarsholm.example\u0000","password":"guess"}')->assertStatus(400);
});

it('takes long addresses at the door', function () {
    $this->postJson('/api/session', [
        'email' => str_repeat('a', 220).'@tarsholm.example',
        'password' => 'guess',
    ])->assertUnprocessable();
});

it('reads nothing larger than what is asked for can be', function () {
    raw('POST', '/api/session', '['.str_repeat('0,', 60_000).'0]')->assertStatus(413);
    $this->actingAs($this->modeller());
    raw('POST', '/api/builds/import', '['.str_repeat('0,', 1_100_000).'0]')->assertStatus(413);
    raw('PUT', '/api/week', '['.str_repeat('0,', 60_000).'0]')->assertStatus(413);
});

it('asks for an object', function (string $body) {
    raw('POST', '/api/session', $body)->assertStatus(400);
})->with(['7', '"text"', 'null', 'true']);

it('answers ten thousand zones without holding them against each other', function () {
    $id = $this->startBuild($this->modeller())->json('id');
    $zones = array_map(static fn (int $number) => "zone-{$number}", range(1, 10_000));
    $this->postJson("/api/builds/{$id}/edits", [
        'version' => 1,
        'edits' => [
            [
                'edit' => 'insert-step',
                'at' => 0,
                'step' => ['id' => 'a', 'technique' => 'look-over', 'zones' => $zones],
            ],
        ],
    ])
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.path', '/edits/0/step/zones');
});

it('takes whole numbers that are written with a point, and says of endless ones that they are wrong', function () {
    $id = $this->startBuild($this->modeller())->json('id');
    raw(
        'POST',
        "/api/builds/{$id}/edits",
        '{"version":1,"edits":[{"edit":"insert-step","at":0.0,"step":{"id":"a",'.
            '"technique":"look-over","zones":["turret"],"coats":1.0,"waitMinutes":30.0}}]}',
    )
        ->assertOk()
        ->assertJsonPath('plan.steps.0.waitMinutes', 30);
    foreach (
        ['{"version":2,"edits":[{"edit":"move-step","id":"a","to":1e999}]}', '{"version":1e999,"edits":[]}'] as $body
    ) {
        raw('POST', "/api/builds/{$id}/edits", $body)->assertStatus(400);
    }
    raw('POST', '/api/builds', '{"name":"Pell","kind":"tank","scale":35.0}')->assertStatus(422);
});

it('keeps no ids of digits only, which other places take for numbers', function () {
    $id = $this->startBuild($this->modeller())->json('id');
    $this->postJson("/api/builds/{$id}/edits", [
        'version' => 1,
        'edits' => [
            [
                'edit' => 'put-zone',
                'zone' => [
                    'id' => '12',
                    'name' => 'Twelve',
                    'kind' => 'turret',
                    'areaCm2' => 5,
                    'substrate' => 'polystyrene',
                    'depicts' => 'steel',
                ],
            ],
        ],
    ])
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.path', '/edits/0/zone/id');
});

it('makes one account of two that are asked for at once', function () {
    // The address is taken between the question whether it is free and the answer.
    User::creating(static function (User $user): void {
        DB::table('users')->insertOrIgnore([
            'name' => 'First',
            'email' => $user->email,
            'password' => 'x',
        ]);
    });
    $this->postJson('/api/accounts', [
        'name' => 'Second',
        'email' => 'jorun@tarsholm.example',
        'password' => 'harnvik-tracks',
    ])
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor('email');
    User::flushEventListeners();
    $this->assertGuest();
});

it('tells nobody a build of another person from none, by not one byte', function () {
    $id = $this->startBuild($this->modeller())->json('id');
    $this->actingAs($this->modeller());
    $other = '00000000-0000-4000-8000-000000000000';
    foreach (['', '/log', '/plan-file', '/repair', '/steps/first'] as $path) {
        $theirs = $this->getJson("/api/builds/{$id}{$path}");
        $none = $this->getJson("/api/builds/{$other}{$path}");
        expect($theirs->getContent())
            ->toBe($none->getContent())
            ->and($theirs->status())
            ->toBe(404)
            ->and($theirs->headers->get('Content-Type'))
            ->toBe($none->headers->get('Content-Type'));
    }
});

it('has an empty calendar for whoever has no time at the bench', function () {
    $user = $this->modeller();
    $this->startBuild($user);
    $week = $this->getJson('/api/week')->json('week');
    $this->putJson('/api/week', [
        ...$week,
        'sessions' => array_fill_keys(range(1, 7), []),
        'exceptions' => [],
    ])->assertOk();
    $feed = $this->postJson('/api/feed')->json('feed');

    expect($this->get('/api/calendar')->assertOk()->getContent())
        ->toContain('BEGIN:VCALENDAR')
        ->not->toContain('VEVENT')
        ->and($this->get($feed)->assertOk()->getContent())
        ->not->toContain('VEVENT');
});

it('ends a long computation when the same person asks for another one', function () {
    $turns = app(Turns::class);
    $user = $this->modeller();
    $answers = new ArrayObject();
    $older = fn () => $turns->take($user, 30.0, function (Effort $effort) use ($turns, $user, $answers) {
        expect($effort->goesOn())->toBeTrue();
        $answers[] = $turns->take($user, 30.0, static fn (Effort $effort) => $effort->goesOn() ? 'newer' : null);
        while ($effort->goesOn()) {
            usleep(20_000);
        }

        return 'older';
    });

    expect($older)
        ->toThrow(HttpException::class, 'asked for something else')
        ->and($answers->getArrayCopy())
        ->toBe(['newer'])
        ->and($turns->take($this->modeller(), 1.0, static fn () => 'not in their way'))
        ->toBe('not in their way');
});
