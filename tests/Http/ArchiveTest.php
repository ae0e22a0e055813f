<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use Ulvrach\Plan\File\PlanReader;

/** The archive of whoever is signed in, as the files in it. */
function archiveOf(TestResponse $response): array
{
    $path = $response->assertOk()->baseResponse->getFile()->getPathname();
    $zip = new ZipArchive();
    expect($zip->open($path))->toBeTrue();
    $files = [];
    for ($place = 0; $place < $zip->numFiles; $place++) {
        $files[(string) $zip->getNameIndex($place)] = (string) $zip->getFromIndex($place);
    }

    return [$files, (string) file_get_contents($path)];
}

/** The same files packed again, with some of them changed; null: left out. */
function packed(array $files, array $changed = []): string
{
    $path = tempnam(sys_get_temp_dir(), 'ulvrach-test-');
    $zip = new ZipArchive();
    $zip->open($path, ZipArchive::OVERWRITE);
    foreach ([...$files, ...$changed] as $name => $bytes) {
        if ($bytes !== null) {
            $zip->addFromString($name, $bytes);
        }
    }
    $zip->close();
    $bytes = (string) file_get_contents($path);
    unlink($path);

    return $bytes;
}

beforeEach(function () {
    Artisan::call('ulvrach:demo');
    $this->owner = User::query()->firstOrFail();
    $this->take = fn (string $bytes): TestResponse => $this->call(
        'POST',
        '/api/archive',
        server: ['CONTENT_TYPE' => 'application/zip', 'HTTP_ACCEPT' => 'application/json'],
        content: $bytes,
    );
});

it('gives a person all that they keep, in formats that others read, and nothing of anybody else', function () {
    $this->actingAs(User::factory()->create());
    [$files] = archiveOf($this->get('/api/archive'));
    expect(json_decode($files['archive.json'], true)['holds'])
        ->toMatchArray(['builds' => 0, 'jars' => 0, 'photographs' => 0]);

    $this->actingAs($this->owner);
    [$files] = archiveOf($this->get('/api/archive'));
    $head = json_decode($files['archive.json'], true);
    foreach ($head['builds'] as ['id' => $id, 'file' => $file]) {
        expect($files[$file])->toBe($this->get("/api/builds/{$id}/plan-file")->assertOk()->getContent());
        PlanReader::read($files[$file]);
    }
    expect($head)->toMatchArray(['format' => 'ulvrach-account', 'version' => 1])
        ->and($head['builds'])->toHaveCount(count($this->getJson('/api/builds')->json('builds')))
        ->and($files['shelf.json'])->toBe($this->get('/api/shelf.json')->getContent())
        ->and(array_filter(array_keys($files), static fn ($name) => str_ends_with($name, '.jpg')))
        ->toHaveCount($head['holds']['photographs'])
        ->and($head['holds']['photographs'])->toBeGreaterThan(0)
        ->and(imagecreatefromstring($files[json_decode($files['photographs.json'], true)[0]['file']]))
        ->not->toBeFalse();
});

it('takes all of it into another account, with nothing lost, and a second time nothing twice', function () {
    $this->actingAs($this->owner);
    [$files, $bytes] = archiveOf($this->get('/api/archive'));
    $holds = json_decode($files['archive.json'], true)['holds'];

    $this->actingAs($other = User::factory()->create());
    $new = ($this->take)($bytes)->assertOk()->json('new');
    expect($new)->toMatchArray([
        'builds' => $holds['builds'],
        'jars' => $holds['jars'],
        'mixes' => $holds['mixes'],
        'patterns' => $holds['patterns'],
        'schools' => $holds['schools'],
    ]);
    [$there] = archiveOf($this->get('/api/archive'));
    $plans = static fn (array $files): array => array_values(array_map(
        static fn (string $file) => $files[$file],
        array_filter(array_keys($files), static fn ($file) => str_starts_with($file, 'builds/')),
    ));
    expect($plans($there))->toEqualCanonicalizing($plans($files))
        ->and($there['shelf.json'])->toBe($files['shelf.json'])
        ->and($there['bench.json'])->toBe($files['bench.json'])
        ->and(json_decode($there['archive.json'], true)['holds']['photographs'])->toBe($new['photographs'])
        ->and($new['photographs'])->toBe($holds['photographs']);
    expect(array_sum(($this->take)($bytes)->assertOk()->json('new')))->toBe(0)
        ->and($other->builds()->count())->toBe($holds['builds']);
});

it('takes nothing at all of what is torn, foreign, newer or spoilt, and says why', function () {
    $this->actingAs($this->owner);
    [$files, $bytes] = archiveOf($this->get('/api/archive'));
    $first = json_decode($files['archive.json'], true)['builds'][0]['file'];
    $newer = str_replace('"version": 1', '"version": 9', $files['archive.json']);
    $spoilt = [
        substr($bytes, 0, 9000),
        'no archive',
        packed($files, ['archive.json' => null]),
        packed($files, ['archive.json' => $newer]),
        packed($files, [$first => '{"format": "ulvrach-plan"}']),
        packed($files, [$first => null]),
        packed($files, [$first => '{"format": "ulvrach-plan\u0000"}']),
        packed($files, ['shelf.json' => '[]']),
        packed($files, ['schools.json' => '[{"name": "a", "school": {"from": "nowhere"}}]']),
        packed($files, ['bench.json' => '{"week": {"timeZone": 7}, "room": {"seasons": 1}}']),
        packed($files, [json_decode($files['photographs.json'], true)[0]['file'] => 'no picture']),
    ];
    $this->actingAs($other = User::factory()->create());
    foreach ($spoilt as $number => $one) {
        $answer = ($this->take)($one);
        expect($answer->status())->toBe(422, "{$number}: {$answer->getContent()}")
            ->and($answer->json('errors.archive.0'))->toBeString()->not->toBe('');
    }
    expect($other->builds()->count())->toBe(0)->and($other->jars()->count())->toBe(0);
});

it('lets nobody who is not signed in near it', function () {
    $this->getJson('/api/archive')->assertUnauthorized();
    $this->postJson('/api/archive')->assertUnauthorized();
});
