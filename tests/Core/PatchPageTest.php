<?php

declare(strict_types=1);

use Ulvrach\Report\PatchPage;

it('shows plain work on three grounds as the forecast has it today', function () {
    expect(PatchPage::svg())->toBe((string) file_get_contents(dirname(__DIR__, 2).'/docs/plain-work.svg'));
});

it('is a page of patches that any browser draws, in every row one of each ground and one of what is seen', function () {
    $page = simplexml_load_string(PatchPage::svg());
    [$texts, $patches] = [[], -1];
    foreach ($page->children() as $shape) {
        $shape->getName() === 'text' ? $texts[] = (string) $shape : $patches++;
    }

    expect($patches % 6)->toBe(0)
        ->and(preg_grep('/^L\* \d+, ΔE \d+$/u', $texts))->toHaveCount(intdiv($patches, 2))
        ->and($texts)->toContain('on white', 'on olive', 'on black', 'gloss clear coat: face');
});
