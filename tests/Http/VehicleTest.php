<?php

declare(strict_types=1);

it('shows everybody the shape of a vehicle, and lets a browser keep it', function () {
    $answer = $this->getJson('/api/vehicles/scout-car')->assertOk();
    $tag = $answer->headers->get('ETag');

    expect($answer->headers->get('Cache-Control'))
        ->toContain('max-age=')
        ->and($answer->json('zones'))
        ->toContain('hull-sides', 'tyres')
        ->and(strlen((string) base64_decode((string) $answer->json('triangles'), true)))
        ->toBe(6 * strlen((string) base64_decode((string) $answer->json('zoneOf'), true)))
        ->and(strlen((string) base64_decode((string) $answer->json('points'), true)) % 6)
        ->toBe(0);
    $this->getJson('/api/vehicles/scout-car', ['If-None-Match' => $tag])->assertStatus(304)->assertNoContent(304);
    $this->getJson('/api/vehicles/scout-car?form[turret]=0', ['If-None-Match' => $tag])->assertOk();
});

it('brings no session along with what is the same for everybody', function (string $address) {
    expect($this->getJson($address)->assertOk()->headers->getCookies())
        ->toBe([])
        ->and($this->getJson('/api/session')->headers->getCookies())
        ->not
        ->toBe([]);
})->with(['/api/vehicles/lorry', '/api/library']);

it('builds the nearest of what cannot be built, and knows no other kinds', function () {
    $longest = $this->getJson('/api/vehicles/lorry?form[length]=7600')->json('points');

    expect($this->getJson('/api/vehicles/lorry?form[length]=999999')->json('points'))->toBe($longest);
    foreach (['form=long', 'form[length]=long', 'form[length][]=1', 'form[]=7000', 'form[wings]=2'] as $query) {
        $this->getJson("/api/vehicles/lorry?{$query}")->assertOk();
    }
    $this->getJson('/api/vehicles/airship')->assertNotFound();
});

it('names the plates of a vehicle under the codes that its shape has', function () {
    $shape = $this->getJson('/api/vehicles/lorry')->json('plates');
    $plates = $this->getJson('/api/vehicles/lorry/plates')->assertOk()->json();

    expect(array_column($plates, 'code'))
        ->not
        ->toBe([])
        ->and(array_diff(array_column($plates, 'code'), $shape))
        ->toBe([])
        ->and(array_unique($shape))
        ->toBe($shape);
    foreach ($plates as $place => $plate) {
        foreach ($plate['neighbours'] as $neighbour) {
            expect(array_column($plates[$neighbour['plate']]['neighbours'], 'plate'))->toContain($place);
        }
    }
    $this->getJson('/api/vehicles/airship/plates')->assertNotFound();
});
