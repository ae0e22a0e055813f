<?php

declare(strict_types=1);

use App\Models\User;

beforeEach(function () {
    $this->actingAs(User::factory()->create());
    $this->putJson('/api/jars/green', [
        'name' => 'green',
        'family' => 'waterborne-acrylic',
        'carrier' => 'water',
        'sheen' => 'matte',
        'colour' => '#3f5a37',
    ])->assertCreated();
    $cup = ['name' => 'Hull', 'parts' => [['jar' => 'green', 'parts' => 1]], 'share' => 1];
    $this->mix = $this->postJson('/api/mixes', $cup)->assertCreated()->json('id');
    $this->send = fn (string $bytes, string $type = 'image/jpeg') => $this->call(
        'POST',
        "/api/mixes/{$this->mix}/photos",
        server: ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'],
        content: $bytes,
    );
});

/** Red on the left, blue on the right. */
function pictureOf(int $width, int $height, Closure $write): string
{
    $image = imagecreatetruecolor($width, $height);
    imagefilledrectangle($image, 0, 0, intdiv($width, 2) - 1, $height, 0xC02020);
    imagefilledrectangle($image, intdiv($width, 2), 0, $width, $height, 0x2020C0);
    ob_start();
    $write($image);

    return (string) ob_get_clean();
}

/** A JPEG whose Exif data say how the camera was held, and where. */
function heldAs(int $orientation, string $jpeg): string
{
    $entry = pack('vvVvv', 0x0112, 3, 1, $orientation, 0);
    $note = "Somewhere 58.1 N\0";
    $text = pack('vvVV', 0x010E, 2, strlen($note), 38);
    $tiff = "II*\0".pack('V', 8).pack('v', 2).$text.$entry.pack('V', 0).$note;
    $segment = "Exif\0\0{$tiff}";

    return "\xFF\xD8\xFF\xE1".pack('n', strlen($segment) + 2).$segment.substr($jpeg, 2);
}

it('keeps a picture upright, without what the camera wrote beside it, and shows it to nobody else', function () {
    $jpeg = heldAs(6, pictureOf(600, 400, fn (GdImage $image) => imagejpeg($image, null, 95)));
    expect($jpeg)->toContain('Somewhere');
    $answer = ($this->send)($jpeg)->assertCreated();
    $large = $this->get("/api/photos/{$answer->json('id')}")->assertOk();
    $bytes = (string) $large->getContent();
    $image = imagecreatefromstring($bytes);

    expect(unlikeTheContract($answer, 'photo'))->toBe([])
        // Held with its right side up: what was on the left is on top.
        ->and([imagesx($image), imagesy($image)])->toBe([400, 600])
        ->and(imagecolorat($image, 200, 100) >> 16)->toBeGreaterThan(150)
        ->and(imagecolorat($image, 200, 500) & 0xFF)->toBeGreaterThan(150)
        ->and($bytes)->not->toContain('Somewhere')
        ->and($large->headers->get('Content-Type'))->toBe('image/jpeg')
        ->and($large->headers->get('Cache-Control'))->toContain('private')
        ->and($this->getJson('/api/mixes')->json('mixes.0.photos.0.id'))->toBe($answer->json('id'));
    $this->actingAs(User::factory()->create());
    $this->get("/api/photos/{$answer->json('id')}")->assertNotFound();
    $this->deleteJson("/api/photos/{$answer->json('id')}")->assertNoContent();
    ($this->send)($jpeg)->assertNotFound();
    $this->actingAs(User::query()->orderBy('id')->firstOrFail());
    $this->get("/api/photos/{$answer->json('id')}?size=small")->assertOk();
    $this->deleteJson("/api/photos/{$answer->json('id')}")->assertNoContent();
    $this->get("/api/photos/{$answer->json('id')}")->assertNotFound();
});

it('takes PNG and WebP as well, and makes large ones smaller', function (Closure $write) {
    $id = ($this->send)(pictureOf(3000, 1500, $write), 'image/png')->assertCreated()->json('id');
    [$large, $small] = array_map(
        fn (string $size) => getimagesizefromstring((string) $this->get("/api/photos/{$id}{$size}")->getContent()),
        ['', '?size=small'],
    );

    expect([$large[0], $large[1], $large[2]])->toBe([2400, 1200, IMAGETYPE_JPEG])->and($small[0])->toBe(480);
})->with([
    'PNG' => [fn (GdImage $image) => imagepng($image)],
    'WebP' => [fn (GdImage $image) => imagewebp($image)],
]);

it('says what is wrong with what is no picture', function (Closure $bytes, string $says) {
    $answer = ($this->send)($bytes())->assertUnprocessable();

    expect($answer->json('errors.photo.0'))->toContain($says);
})->with([
    'nothing' => [fn () => '', 'no picture'],
    'a script' => [fn () => '<?php echo 1;', 'no picture'],
    'a drawing that may hold a script' => [fn () => '<svg xmlns="http://www.w3.org/2000/svg"><script/></svg>', 'no '],
    'a GIF' => [fn () => pictureOf(10, 10, fn (GdImage $image) => imagegif($image)), 'no picture'],
    'a torn file' => [
        fn () => substr(pictureOf(400, 400, fn (GdImage $image) => imagepng($image)), 0, 120),
        'damaged',
    ],
    'a bomb' => [
        // The head of a PNG of 30000 by 30000 points.
        fn () => "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NNCCCCC', 30000, 30000, 8, 2, 0, 0, 0).pack('N', 0),
        '50 million',
    ],
    'too much of it' => [fn () => "\xFF\xD8".str_repeat('x', 26_214_400), '25 MB'],
]);

it('draws anew what hides a script behind a picture', function () {
    $jpeg = pictureOf(60, 40, fn (GdImage $image) => imagejpeg($image)).'<script>alert(1)</script>';
    $id = ($this->send)($jpeg)->assertCreated()->json('id');

    expect((string) $this->get("/api/photos/{$id}")->getContent())->not->toContain('script');
});

it('keeps photographs of steps and zones of a build, with the build, and shows them to nobody else', function () {
    $id = $this->startBuild($this->app['auth']->user())->json('id');
    $this->postJson("/api/builds/{$id}/edits", ['version' => 1, 'edits' => [[
        'edit' => 'insert-step',
        'at' => 0,
        'step' => ['id' => 'look', 'technique' => 'look-over', 'product' => null, 'zones' => ['turret']],
    ]]])->assertOk();
    $jpeg = pictureOf(300, 200, fn (GdImage $image) => imagejpeg($image));
    $send = fn (string $query, string $bytes) => $this->call(
        'POST',
        "/api/builds/{$id}/photos?{$query}",
        server: ['CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json'],
        content: $bytes,
    );
    $step = $send('of=step&id=look', $jpeg)->assertCreated()->json('id');
    $zone = $send('of=zone&id=turret', $jpeg)->assertCreated()->json('id');
    $all = $this->getJson("/api/builds/{$id}/photos")->assertOk();

    expect(unlikeTheContract($all, 'buildPhotos'))->toBe([])
        ->and(array_map(static fn ($one) => [$one['of'], $one['id'], $one['photo']], $all->json('photos')))
        ->toBe([['step', 'look', $step], ['zone', 'turret', $zone]]);
    foreach (['of=step&id=lunch', 'of=zone&id=cellar', 'of=lunch&id=look', ''] as $nowhere) {
        $send($nowhere, $jpeg)->assertNotFound();
    }
    // A device that never heard the answer sends it again.
    $own = '0B3C2F64-7D2E-4B7C-9C55-2C2C7B3A9E01';
    expect($send("of=step&id=look&photo={$own}", $jpeg)->assertCreated()->json('id'))
        ->toBe(strtolower($own))
        ->and($send("of=step&id=look&photo={$own}", $jpeg)->assertCreated()->json('id'))
        ->toBe(strtolower($own))
        ->and($this->getJson("/api/builds/{$id}/photos")->json('photos'))
        ->toHaveCount(3);
    $send('of=step&id=look&photo=mine', $jpeg)->assertJsonValidationErrorFor('photo');
    $own = $this->getJson('/api/photos')->assertOk();
    $name = $this->getJson("/api/builds/{$id}")->json('plan.build.name');
    expect(unlikeTheContract($own, 'ownPhotos'))->toBe([])
        ->and(collect($own->json('photos'))->countBy('name')->sortKeys()->all())
        ->toBe(["{$name}, 1 Look it over" => 2, "{$name}, Turret" => 1]);
    $send('of=step&id=look', '<svg xmlns="http://www.w3.org/2000/svg"/>')->assertJsonValidationErrorFor('photo');
    $owner = $this->app['auth']->user();
    $this->actingAs(User::factory()->create());
    $this->getJson("/api/builds/{$id}/photos")->assertNotFound();
    expect($this->getJson('/api/photos')->json('photos'))->toBe([]);
    $send('of=step&id=look', $jpeg)->assertNotFound();
    $this->get("/api/photos/{$step}")->assertNotFound();
    $this->actingAs($owner);
    $this->deleteJson("/api/builds/{$id}")->assertNoContent();
    $this->get("/api/photos/{$step}")->assertNotFound();
});

it('is asked for each time, so that nothing is left in the browser of whoever has signed out', function () {
    // As the door reads a person, with all there is of them.
    $this->actingAs(User::query()->latest('id')->firstOrFail());
    $photo = ($this->send)(pictureOf(40, 20, static fn (GdImage $image) => imagejpeg($image)))->json('id');
    $first = $this->get("/api/photos/{$photo}")->assertOk();
    $tag = (string) $first->headers->get('ETag');

    expect($first->headers->get('Cache-Control'))->toBe('no-cache, private')
        ->and($tag)->not->toBe($this->get("/api/photos/{$photo}?size=small")->headers->get('ETag'));
    $this->get("/api/photos/{$photo}", ['If-None-Match' => $tag])->assertStatus(304);
    $this->deleteJson('/api/session')->assertOk()->assertHeader('Clear-Site-Data', '"cache"');
    $this->app['auth']->forgetGuards();
    $this->getJson("/api/photos/{$photo}", ['If-None-Match' => $tag])->assertUnauthorized();
});

it('goes with the mix that it is of', function () {
    ($this->send)(pictureOf(40, 20, static fn (GdImage $image) => imagejpeg($image)))->assertCreated();
    $this->deleteJson("/api/mixes/{$this->mix}")->assertNoContent();

    expect(Illuminate\Support\Facades\DB::table('photos')->count())->toBe(0);
});
