<?php

declare(strict_types=1);

use App\Clock\Effort;
use App\Clock\Turns;
use App\Models\User;
use Illuminate\Cache\RateLimiter;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Symfony\Component\ErrorHandler\Error\FatalError;
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

it('counts before it looks: long lists are refused without their entries being read', function () {
    $id = $this->startBuild($this->modeller())->json('id');
    $tooMany = [
        ['POST', "/api/builds/{$id}/preview", '{"edits":['.str_repeat('{"edit":"x"},', 60_000).'{}]}', '/edits'],
        ['POST', "/api/builds/{$id}/log", '{"entries":['.str_repeat('0,', 90_000).'0]}', '/entries'],
        ['POST', '/api/builds/import', '{"steps":['.str_repeat('0,', 90_000).'0]}', '/steps'],
        ['POST', '/api/shelf/file', '{"jars":['.str_repeat('{},', 90_000).'0]}', '/jars'],
    ];
    foreach ($tooMany as [$method, $path, $body, $list]) {
        $answer = raw($method, $path, $body)->assertUnprocessable();

        expect($answer->json('faults'))->toHaveCount(1)
            ->and($answer->json('faults.0.path'))->toBe($list)
            ->and($answer->json('faults.0.message'))->toStartWith('Must have at most');
    }
    raw('POST', '/api/builds/import', '{"steps":['.str_repeat('0,', 400_000).'0]}')->assertStatus(413);
    raw('PUT', '/api/week', '{"exceptions":{"2026-12-24":['.str_repeat('1,', 500).'1]}}')->assertStatus(413);
    raw('PUT', '/api/week', '{"exceptions":['.str_repeat('['.str_repeat('1,', 99).'1],', 99).'1]}')->assertStatus(413);
});

it('says of numbers beyond all numbers that they are wrong', function (string $method, string $path, string $body) {
    $this->actingAs($this->modeller());
    raw($method, $path, str_replace('HUGE', str_repeat('7', 400), $body))->assertStatus(400);
})->with([
    'a room' => ['PUT', '/api/room', '{"night":[0,HUGE]}'],
    'a scale' => ['POST', '/api/builds', '{"name":"Pell","kind":"tank","scale":HUGE}'],
    'a paint' => ['PUT', '/api/jars/own', '{"name":"Own","family":"enamel","opacity":HUGE}'],
    'a negative one' => ['PUT', '/api/own/paint', '{"ratio":-HUGE}'],
]);

it('asks for one where a list is sent, and for a list as it is wanted', function () {
    $this->actingAs($this->modeller());
    $this->getJson('/api/mixes?near[]=1')->assertStatus(400);
    $this->getJson('/api/builds/0193b2f2-0000-7000-8000-000000000000/steps/a/jars?load[]=x')->assertStatus(400);
    $this->getJson('/api/vehicles/lorry/plates?form[length]=6400')->assertOk();
    $this->postJson('/api/shelf/import', ['table' => "name\nFir", 'map' => [0]])->assertUnprocessable();
    $this->postJson('/api/shelf/import', ['table' => "name\nFir", 'map' => ['wings' => 0]])->assertUnprocessable();
    $this->postJson('/api/shelf/import', ['table' => "name\nFir", 'map' => ['name' => 0]])->assertOk();
    $this->putJson('/api/jars/fir', ['name' => 'Fir', 'family' => 'enamel', 'carrier' => 'white-spirit']);
    foreach ([7, true, [1], ['a' => 1]] as $day) {
        $this->putJson('/api/shelf/fir', ['thinnedOn' => $day])
            ->assertUnprocessable()
            ->assertJsonValidationErrorFor('thinnedOn');
    }
});

it('tells a stranger’s build from none by no header either, and has all answers safe', function () {
    $id = $this->startBuild($this->modeller())->json('id');
    $safe = ['x-content-type-options', 'referrer-policy', 'x-frame-options', 'content-security-policy'];
    $this->app['auth']->forgetGuards();
    $guest = $this->getJson('/api/builds')->assertUnauthorized();
    $this->actingAs($this->modeller());
    $theirs = $this->getJson("/api/builds/{$id}")->assertNotFound();
    $none = $this->getJson('/api/builds/00000000-0000-4000-8000-000000000000')->assertNotFound();
    foreach ([$guest, $theirs, $none, $this->getJson('/api/none'), raw('POST', '/api/session', '{')] as $answer) {
        expect($answer->headers->keys())->toContain(...$safe);
    }

    expect(array_diff($theirs->headers->keys(), $none->headers->keys()))->toBe([])
        ->and(array_diff($none->headers->keys(), $theirs->headers->keys()))->toBe([]);
});

it('hangs nothing onto a build that is deleted meanwhile', function () {
    $user = $this->modeller();
    $id = $this->startBuild($user)->json('id');
    $picture = imagecreatetruecolor(8, 8);
    ob_start();
    imagejpeg($picture);
    $jpeg = (string) ob_get_clean();
    // Deleted by another window between the look at it and the writing.
    $gone = static function () use ($id): void {
        DB::table('builds')->where('id', $id)->delete();
    };
    foreach (['log', 'photo'] as $what) {
        DB::beginTransaction();
        DB::listen(static function (QueryExecuted $query) use ($gone): void {
            static $left = 1;
            if (str_contains($query->sql, 'from "plan_revisions"') && $left-- > 0) {
                $gone();
            }
        });
        $answer = $what === 'log'
            ? $this->postJson("/api/builds/{$id}/log", ['entries' => [logged('note', null, ['text' => 'x'])]])
            : raw('POST', "/api/builds/{$id}/photos?of=zone&id=turret", $jpeg, 'image/jpeg');
        $answer->assertNotFound();
        expect(DB::table('photos')->count() + DB::table('log_entries')->count())->toBe(0);
        DB::rollBack();
        Event::forget(QueryExecuted::class);
    }
});

it('lets nobody use more of the processor than a share, whatever is asked how often', function () {
    $this->actingAs($user = $this->modeller());
    app(RateLimiter::class)->increment("cost.{$user->id}", amount: 29_990);
    $this->postJson('/api/mixes/closest', ['wanted' => '#7d7f5c'])->assertSuccessful();
    app(RateLimiter::class)->increment("cost.{$user->id}", amount: 10);
    $answer = $this->postJson('/api/mixes/closest', ['wanted' => '#7d7f5c'])->assertStatus(429);
    expect((int) $answer->headers->get('Retry-After'))->toBeGreaterThan(0);
    $this->getJson('/api/mixes')->assertOk();
    $this->actingAs($this->modeller());
    $this->postJson('/api/mixes/closest', ['wanted' => '#7d7f5c'])->assertSuccessful();
});

it('says of work that was ended for its length that nothing was changed', function () {
    $ended = new FatalError('Maximum execution time of 10 seconds exceeded', 0, ['type' => 1, 'message' => '']);
    $answer = app(ExceptionHandler::class)->render(Illuminate\Http\Request::create('/api/work'), $ended);

    expect($answer->getStatusCode())->toBe(503)
        ->and($answer->getContent())->toContain('Nothing was changed');
});
