<?php

declare(strict_types=1);

use App\Models\Build;
use Illuminate\Support\Facades\DB;
use Psr\Log\AbstractLogger;
use Tests\Core\FailsAtNote;
use Ulvrach\Judgement\Rules\RuleBook;

beforeEach(function () {
    $this->edits = fn (string $note, int $version = 1) => [
        'version' => $version,
        'edits' => [
            $this->primerJar(),
            $this->primer('first'),
            [...$this->primer('second'), 'at' => 1, 'step' => [...$this->primer('second')['step'], 'note' => $note]],
        ],
    ];
    // A program with a fault: it fails at one word.
    $this->app->instance(RuleBook::class, new RuleBook(new FailsAtNote('goes wrong')));
    $this->written = new class() extends AbstractLogger
    {
        /** @var list<string> */
        public array $lines = [];

        public function log($level, string|Stringable $message, array $context = []): void
        {
            $this->lines[] = $message.json_encode($context);
        }
    };
    $this->app->instance(Psr\Log\LoggerInterface::class, $this->written);
    $this->user = $this->modeller();
    $this->id = $this->startBuild($this->user)->json('id');
});

it('refuses an edit after which the plan cannot be judged, names the step and keeps what was', function () {
    $answer = $this->postJson("/api/builds/{$this->id}/edits", ($this->edits)('goes wrong'))->assertUnprocessable();

    expect($answer->json('faults.0.path'))
        ->toBe('/edits/steps/1')
        ->and($answer->json('faults.0.message'))
        ->toContain('from step 2, “Prime”, on');
    $this->getJson("/api/builds/{$this->id}")->assertOk()->assertJsonPath('version', 1);
    $this->postJson("/api/builds/{$this->id}/preview", ($this->edits)('goes wrong'))->assertUnprocessable();
    $this->postJson("/api/builds/{$this->id}/edits", ($this->edits)('goes well'))->assertOk();
});

it('refuses a file whose plan cannot be judged before anything of it is kept', function () {
    $this->postJson("/api/builds/{$this->id}/edits", ($this->edits)('goes well'))->assertOk();
    $file = $this->get("/api/builds/{$this->id}/plan-file")->getContent();
    $bad = json_decode(str_replace('goes well', 'goes wrong', $file), true);

    $this->postJson('/api/builds/import', $bad)
        ->assertUnprocessable()
        ->assertJsonPath('faults.0.path', '/steps/1');
    expect(Build::query()->count())->toBe(1);
});

it('writes down where it failed, and nothing that somebody has written', function () {
    $this->postJson("/api/builds/{$this->id}/edits", ($this->edits)('Olive for Ines, goes wrong'));

    expect($this->written->lines)->toHaveCount(1)
        ->and($this->written->lines[0])->toContain('FailsAtNote.php')
        ->and($this->written->lines[0])->not->toContain('Ines')
        ->and($this->written->lines[0])->not->toContain($this->user->name);
});

it('goes on with all other builds where one cannot be judged, on every page that has them all', function () {
    $this->postJson("/api/builds/{$this->id}/edits", ($this->edits)('goes well'))->assertOk();
    $broken = $this->startBuild($this->user)->json('id');
    $this->postJson("/api/builds/{$broken}/edits", ($this->edits)('goes well'))->assertOk();
    // As an older program may have left it: a way of working that there is no more.
    $head = Build::query()->findOrFail($broken)->head_id;
    $kept = DB::table('plan_revisions')->where('id', $head)->value('document');
    DB::table('plan_revisions')->where('id', $head)->update([
        'document' => str_replace('"prime"', '"gold-leaf"', $kept),
    ]);

    $cards = collect($this->getJson('/api/builds')->assertOk()->json('builds'))->keyBy('id');
    expect($cards[$this->id]['unreadable'])->toBeNull()
        ->and($cards[$this->id]['steps'])->toBe(2)
        ->and($cards[$broken]['unreadable'])->toContain('fails at judging this plan')
        ->and($cards[$broken]['name'])->toBe('Ostrel, third troop');
    foreach (['diary', 'diary.csv', 'trials', 'supplies', 'photos', 'mixes', 'shelf', 'calendar'] as $page) {
        $this->get("/api/{$page}")->assertOk();
    }
    expect(array_column($this->getJson('/api/work')->assertOk()->json('builds'), 'id'))->toBe([$this->id]);
    $clock = $this->postJson('/api/clock')->assertOk();
    expect(array_unique(array_column($clock->json('items'), 'build')))->toBe([$this->id])
        ->and($clock->json('unreadable.0.id'))->toBe($broken);
    $this->postJson("/api/builds/{$this->id}/spread/look", ['steps' => ['first']])->assertOk();
    $this->getJson("/api/builds/{$broken}")->assertUnprocessable();
    $this->get("/api/builds/{$broken}/plan-file")->assertOk()->assertSee('gold-leaf');
    $this->deleteJson("/api/builds/{$broken}")->assertNoContent();
});
