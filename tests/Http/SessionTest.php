<?php

declare(strict_types=1);

use App\Http\QuietSessionHandler;
use App\Models\User;
use Illuminate\Support\Facades\DB;

it('makes an account and is signed in with it', function () {
    $this->postJson('/api/accounts', [
        'name' => 'Jorun Askel',
        'email' => 'Jorun@Tarsholm.example',
        'password' => 'harnvik-tracks',
    ])
        ->assertCreated()
        ->assertJsonPath('user.email', 'jorun@tarsholm.example');
    $this->assertAuthenticated();
    $this->getJson('/api/session')->assertJsonPath('user.name', 'Jorun Askel');
});

it('names the field of an account that cannot be made', function (array $change, string $field) {
    User::factory()->createOne(['email' => 'taken@tarsholm.example']);
    $this->postJson('/api/accounts', [
        ...['name' => 'Jorun', 'email' => 'jorun@tarsholm.example', 'password' => 'harnvik-tracks'],
        ...$change,
    ])
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor($field);
    $this->assertGuest();
})->with([
    'a short password' => [['password' => 'short'], 'password'],
    'an address twice' => [['email' => 'TAKEN@tarsholm.example'], 'email'],
    'no address' => [['email' => 'jorun'], 'email'],
    'a list for a name' => [['name' => ['a', 'b']], 'name'],
    'a huge name' => [['name' => str_repeat('x', 5000)], 'name'],
]);

it('signs in and out', function () {
    User::factory()->createOne(['email' => 'jorun@tarsholm.example', 'password' => 'harnvik-tracks']);
    $this->postJson('/api/session', [
        'email' => 'JORUN@tarsholm.example',
        'password' => 'harnvik-tracks',
    ])->assertOk();
    $this->assertAuthenticated();
    $this->deleteJson('/api/session')->assertOk()->assertJsonPath('user', null);
    $this->assertGuest();
});

it('says the same of a wrong password and of an unknown address', function () {
    User::factory()->createOne(['email' => 'jorun@tarsholm.example']);
    $wrong = $this->postJson('/api/session', ['email' => 'jorun@tarsholm.example', 'password' => 'wrong'])
        ->assertUnprocessable()
        ->json();
    $unknown = $this->postJson('/api/session', ['email' => 'nobody@tarsholm.example', 'password' => 'wrong'])
        ->assertUnprocessable()
        ->json();
    expect($wrong)->toBe($unknown);
});

it('slows down who guesses', function () {
    $try = fn () => $this->postJson('/api/session', ['email' => 'jorun@tarsholm.example', 'password' => 'wrong']);
    foreach (range(1, 5) as $ignored) {
        $try()->assertUnprocessable();
    }
    $try()
        ->assertTooManyRequests()
        ->assertJsonPath('errors.email.0', fn (string $said) => str_starts_with($said, 'Too many tries.'));
});

it('counts requests for accounts apart from visits of the demo', function () {
    $this->artisan('ulvrach:demo');
    foreach (range(1, 60) as $ignored) {
        $this->postJson('/api/session/demo')->assertOk();
    }
    $this->postJson('/api/session/demo')
        ->assertTooManyRequests()
        ->assertJsonPath('message', fn (string $said) => str_contains($said, 'seconds'));
    $this->deleteJson('/api/session');
    $this->postJson('/api/accounts', [
        'name' => 'Jorun Askel',
        'email' => 'jorun@tarsholm.example',
        'password' => 'harnvik-tracks',
    ])->assertCreated();
});

it('opens the demo only where demo data was loaded', function () {
    $this->postJson('/api/session/demo')->assertNotFound();
    $this->artisan('ulvrach:demo')->assertSuccessful();
    $this->postJson('/api/session/demo')->assertOk()->assertJsonPath('user.email', 'demo@tarsholm.example');
    config(['ulvrach.demo' => false]);
    $this->getJson('/api/session')->assertJsonPath('demo', false);
    $this->postJson('/api/session/demo')->assertNotFound();
});

it('loads the demo once and keeps what a visitor changed', function () {
    $this->artisan('ulvrach:demo');
    $user = User::query()->where('email', 'demo@tarsholm.example')->sole();
    expect($user->builds()->count())->toBe(5);
    $user->builds()->firstOrFail()->delete();
    $this->artisan('ulvrach:demo');
    expect($user->builds()->count())->toBe(4);
});

it('shows a clean build, one with several kinds of findings, and one half done', function () {
    $this->artisan('ulvrach:demo');
    $cards = collect(
        $this->actingAs(User::query()->sole())
            ->getJson('/api/builds')
            ->json('builds'),
    );
    expect($cards->firstWhere('kind', 'light-tank')['summary'])
        ->toMatchArray(['stops' => 0, 'risks' => 0])
        ->and($cards->firstWhere('kind', 'lorry')['summary']['stops'])
        ->toBeGreaterThan(2)
        ->and($cards->firstWhere('kind', 'tracked-carrier'))
        ->toMatchArray(['done' => 8, 'steps' => 23]);
});

it('writes a session only where it says something new, and its last moment by the minute', function () {
    $this->travelTo(new DateTimeImmutable('2026-11-25 10:00:00 UTC'));
    // Each request has a handler of its own.
    $request = function (string $data): int {
        $handler = new QuietSessionHandler(DB::connection(), 'sessions', 60);
        $handler->read('some-session');
        $handler->write('some-session', $data);
        expect($handler->read('some-session'))->toBe($data);

        return DB::table('sessions')->where('id', 'some-session')->value('last_activity') -
            (int) strtotime('2026-11-25 10:00:00 UTC');
    };
    expect($request('one'))->toBe(0);
    $this->travel(30)->seconds();
    expect($request('one'))->toBe(0)->and($request('two'))->toBe(30);
    $this->travel(59)->seconds();
    expect($request('two'))->toBe(30);
    $this->travel(1)->seconds();
    expect($request('two'))->toBe(90);
});
