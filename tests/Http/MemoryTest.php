<?php

declare(strict_types=1);

use App\Models\PlanRevision;
use App\Models\User;
use App\Plans\Judge;
use App\Shared\ApcuMemory;
use Illuminate\Support\Carbon;
use Ulvrach\Memory;
use Ulvrach\SharedMemory;

/** Remembers as the processes of the web server do together, and says how often it knew something. */
final class SpyMemory implements SharedMemory
{
    /** @var array<string, string> serialised, as a memory outside the process has it */
    private array $kept = [];

    public int $known = 0;

    public function find(string $key): mixed
    {
        $isReport = str_starts_with($key, 'report') || str_starts_with($key, 'findings');
        $this->known += $isReport && isset($this->kept[$key]) ? 1 : 0;

        return isset($this->kept[$key]) ? unserialize($this->kept[$key]) : null;
    }

    public function keep(string $key, mixed $value): void
    {
        $this->kept[$key] = serialize($value);
    }
}

beforeEach(function () {
    $this->memory = new SpyMemory();
    $this->app->instance(SharedMemory::class, $this->memory);
    Memory::lend($this->memory);
    $this->artisan('ulvrach:demo')->assertSuccessful();
    $this->actingAs(User::query()->sole());
    $this->id = $this->getJson('/api/builds')->json('builds.0.id');
    // Each request is a process of its own.
    $this->ask = function (string $path) {
        $this->app->forgetInstance(Judge::class);

        return $this->getJson($path)->assertOk()->json();
    };
    $this->fresh = function (string $path) {
        $this->app->instance(SharedMemory::class, new SpyMemory());
        $answer = ($this->ask)($path);
        $this->app->instance(SharedMemory::class, $this->memory);

        return $answer;
    };
});

afterEach(fn () => Memory::lend(null));

it('says of a plan that stays what it has said, without judging it again', function (string $path) {
    Carbon::setTestNow('2026-11-24 10:07:00 UTC');
    $path = str_replace('{build}', $this->id, $path);
    $first = ($this->ask)($path);
    $this->memory->known = 0;

    expect(($this->ask)($path))->toBe($first)
        ->and($this->memory->known)->toBeGreaterThan(0)
        ->and(($this->fresh)($path))->toBe($first);
})->with(['/api/builds/{build}/check', '/api/builds/{build}', '/api/builds', '/api/work']);

it('says something else once the plan, its log or what was tried elsewhere is another', function () {
    $check = "/api/builds/{$this->id}/check";
    $state = ($this->ask)("/api/builds/{$this->id}");
    $steps = $state['plan']['steps'];
    $changes = [
        'the plan' => fn () => $this->postJson("/api/builds/{$this->id}/edits", [
            'version' => $state['version'],
            'edits' => [['edit' => 'remove-step', 'id' => $steps[count($steps) - 1]['id']]],
        ])->assertSuccessful(),
        'its log' => fn () => $this->postJson("/api/builds/{$this->id}/log", ['entries' => [[
            'id' => fake()->uuid(),
            'kind' => 'finished',
            'step' => $steps[0]['id'],
            'at' => '2026-11-30T08:00:00Z',
        ]]])->assertSuccessful(),
    ];
    $before = ($this->ask)($check);
    foreach ($changes as $what => $change) {
        $change();
        $after = ($this->ask)($check);

        expect($after)->not->toBe($before, $what)->and($after)->toBe(($this->fresh)($check));
        $before = $after;
    }
});

it('takes no revision for another one of the same number', function () {
    ($this->ask)("/api/builds/{$this->id}/check");
    // As after a backup was put back under a server that goes on.
    $revision = PlanRevision::query()->where('build_id', $this->id)->latest('id')->firstOrFail();
    $plan = $revision->document;
    $revision->document = $plan->with(steps: array_slice($plan->steps, 0, 2));
    $revision->save();

    expect(($this->ask)("/api/builds/{$this->id}/check")['steps'])->toHaveCount(2);
});

it('remembers in the memory of the web server', function () {
    $autoload = var_export(base_path('vendor/autoload.php'), true);
    $code = "require {$autoload}; \$is = App\\Shared\\ApcuMemory::isThere(); \$one = new App\\Shared\\ApcuMemory(); "
        .'$one->keep("a", [0.5]); $one->keep("no", false); '
        .'echo json_encode([$is, (new App\Shared\ApcuMemory())->find("a"), $one->find("no"), $one->find("b")]);';

    expect(shell_exec(PHP_BINARY.' -d apc.enable_cli=1 -r '.escapeshellarg($code)))->toBe('[true,[0.5],false,null]')
        ->and(ApcuMemory::isThere())->toBeFalse();
});
