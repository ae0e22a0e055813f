<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

function jorun(): User
{
    // As it is read from the database, with all of its columns.
    return User::factory()
        ->createOne(['email' => 'jorun@tarsholm.example', 'password' => 'harnvik-tracks'])
        ->refresh();
}

/** A session of somebody on another device. */
function seated(User $user, string $id, string $agent = 'Mobile'): void
{
    DB::table('sessions')->insert([
        'id' => $id,
        'user_id' => $user->id,
        'user_agent' => $agent,
        'payload' => '',
        'last_activity' => 1_790_000_000,
    ]);
}

it('changes a password, and signs out everywhere else', function () {
    $user = jorun();
    seated($user, 'phone');
    seated($other = User::factory()->createOne(), 'somebody else');
    $this->actingAs($user)
        ->putJson('/api/account/password', ['current' => 'harnvik-tracks', 'password' => 'brae-lorry-tilt'])
        ->assertOk();

    expect(Hash::check('brae-lorry-tilt', $user->refresh()->password))
        ->toBeTrue()
        ->and(DB::table('sessions')->where('user_id', $user->id)->where('id', 'phone')->exists())->toBeFalse()
        ->and(DB::table('sessions')->where('user_id', $other->id)->exists())->toBeTrue();
});

it('changes nothing without the password that there is, and slows down who guesses', function () {
    $user = jorun();
    $try = fn () => $this->actingAs($user)
        ->putJson('/api/account/password', ['current' => 'wrong-wrong', 'password' => 'brae-lorry-tilt']);
    foreach (range(1, 5) as $ignored) {
        $try()->assertUnprocessable()->assertJsonValidationErrorFor('current');
    }
    $try()->assertTooManyRequests();
    expect(Hash::check('harnvik-tracks', $user->refresh()->password))->toBeTrue();
});

it('refuses a password that is cut, or that anybody would try first', function (string $password) {
    $this->actingAs(jorun())
        ->putJson('/api/account/password', ['current' => 'harnvik-tracks', 'password' => $password])
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor('password');
    $this->app['auth']->guard()->logout();
    $this->postJson('/api/accounts', [
        'name' => 'Tova',
        'email' => 'tova@tarsholm.example',
        'password' => $password,
    ])
        ->assertUnprocessable()
        ->assertJsonValidationErrorFor('password');
})->with([
    'too short' => ['skarn'],
    'of 73 bytes' => [str_repeat('skarn-ost', 8).'x'],
    'few letters, many bytes' => [str_repeat('åäöé', 10)],
    'a row of figures' => ['1234567890'],
    'a row of keys' => ['qwertyqwerty'],
    'the word itself' => ['Password123'],
    'one letter' => ['aaaaaaaaaaaa'],
]);

it('takes a password of letters that take several bytes, up to what counts', function () {
    $user = jorun();
    $this->actingAs($user)
        ->putJson('/api/account/password', [
            'current' => 'harnvik-tracks',
            'password' => $long = str_repeat('åäöéskarn', 5),
        ])
        ->assertOk();
    expect(strlen($long))->toBeLessThanOrEqual(72)->and(Hash::check($long, $user->refresh()->password))->toBeTrue();
});

it('tells where one is signed in, by keys that open nothing, and ends one of them', function () {
    $user = jorun();
    seated($user, 'phone-session');
    seated($user, 'tablet-session', 'Some Tablet');
    seated(User::factory()->createOne(), 'not-mine');
    $sessions = $this->actingAs($user)->getJson('/api/account')->assertOk()->json('sessions');
    $devices = array_column($sessions, 'device', 'key');

    expect(array_values($devices))
        ->toEqualCanonicalizing(['a phone', 'a tablet'])
        ->and(json_encode($sessions))->not->toContain('phone-session')->not->toContain('not-mine');
    $left = $this->deleteJson('/api/account/sessions/'.array_search('a phone', $devices, true))
        ->assertOk()
        ->json('sessions');
    expect(array_column($left, 'device'))->toContain('a tablet')->not->toContain('a phone');
    expect(DB::table('sessions')->pluck('id')->all())->toContain('tablet-session', 'not-mine')
        ->not->toContain('phone-session');
});

it('ends nobody else’s session, whatever key is sent', function () {
    seated(User::factory()->createOne(), 'not-mine');
    $this->actingAs(jorun())
        ->deleteJson('/api/account/sessions/'.hash('sha256', 'session not-mine'))
        ->assertOk();
    expect(DB::table('sessions')->where('id', 'not-mine')->exists())->toBeTrue();
});

it('deletes an account with everything in it, and nothing of anybody else', function () {
    $this->artisan('ulvrach:demo');
    $demo = User::query()->sole();
    $user = jorun();
    $archive = $this->actingAs($demo)->get('/api/archive')->assertOk()->streamedContent();
    $zip = ['CONTENT_TYPE' => 'application/zip'];
    $this->actingAs($user)->call('POST', '/api/archive', content: $archive, server: $zip)->assertOk();
    $rows = static fn (): array => array_map(
        static fn (string $table) => DB::table($table)->count(),
        ['builds' => 'builds', 'jars' => 'jars', 'mixes' => 'mixes', 'photos' => 'photos', 'users' => 'users'],
    );
    $both = $rows();
    expect($user->builds()->count())->toBe($demo->builds()->count())->toBeGreaterThan(2);

    $this->deleteJson('/api/account', ['current' => 'wrong-wrong'])->assertUnprocessable();
    expect($rows())->toBe($both);
    $this->deleteJson('/api/account', ['current' => 'harnvik-tracks'])->assertOk()->assertJsonPath('user', null);
    $this->assertGuest();

    expect(User::query()->pluck('email')->all())
        ->toBe(['demo@tarsholm.example'])
        ->and($rows()['builds'] * 2)->toBe($both['builds'])
        ->and($rows()['photos'])->toBeGreaterThan(0)->toBeLessThan($both['photos'])
        ->and(DB::table('sessions')->where('user_id', $user->id)->exists())->toBeFalse();
});

it('keeps the door of the demo as it is', function () {
    $this->artisan('ulvrach:demo');
    $demo = User::query()->sole();
    $this->actingAs($demo)
        ->putJson('/api/account/password', ['current' => 'any-thing-at-all', 'password' => 'brae-lorry-tilt'])
        ->assertUnprocessable();
    $this->actingAs($demo)->deleteJson('/api/account', ['current' => 'any-thing-at-all'])->assertUnprocessable();
    expect(User::query()->count())->toBe(1);
});

it('opens to nobody who is not signed in', function () {
    $this->getJson('/api/account')->assertUnauthorized();
    $this->deleteJson('/api/account', ['current' => 'harnvik-tracks'])->assertUnauthorized();
});
