<?php

declare(strict_types=1);

use App\Models\Jar;
use App\Plans\LogStore;
use Tests\Core\Filled;
use Ulvrach\Plan\Log\Entry;
use Ulvrach\Stuff\Material\Product;
use Ulvrach\Stuff\Material\Stock;

it('keeps every field of a jar on the shelf', function () {
    [$product, $stock] = [Filled::one(Product::class), Filled::one(Stock::class)];
    $jar = Jar::query()->create([
        'user_id' => $this->modeller()->id,
        'code' => $product->id,
        'product' => $product,
        ...Jar::columns($stock),
    ]);
    $kept = Jar::query()->findOrFail($jar->id);

    expect($kept->stock())->toEqual($stock)
        ->and($kept->product->with(material: $kept->product->material->with(colour: null)))
        ->toEqual($product->with(material: $product->material->with(colour: null)))
        ->and($kept->product->material->colour?->toHex())->toBe($product->material->colour?->toHex());
});

it('keeps every field of what was logged', function () {
    $user = $this->modeller();
    $build = $user->builds()->findOrFail($this->startBuild($user)->json('id'));
    // Its step is gone, so it is told as it was; what it corrects is not there.
    $entry = Filled::one(Entry::class, ['stepId' => 'long-gone']);
    $store = app(LogStore::class);
    $store->insert($build, [$entry]);

    expect($store->of($build)->entries)->toEqual([$entry]);
});
