<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Http');

// What PHP only warns of is a fault all the same, and deprecations too.
pest()
    ->beforeEach(function (): void {
        set_error_handler(static function (int $level, string $message, string $file, int $line): bool {
            // What is silenced with @ is asked for, and other people's libraries are theirs.
            return (error_reporting() & $level) !== 0 && ! str_contains($file, '/vendor/')
                ? throw new ErrorException($message, 0, $level, $file, $line)
                : true;
        });
    })
    ->afterEach(function (): void {
        restore_error_handler();
    })
    ->in('Core', 'Http');

/**
 * A log entry as a browser sends it.
 *
 * @param  array<string, mixed>  $more
 * @return array<string, mixed>
 */
function logged(string $kind, ?string $step, array $more = []): array
{
    return [
        'id' => (string) Str::uuid(),
        'kind' => $kind,
        'at' => '2026-11-20T10:00:00Z',
        'step' => $step,
        ...$more,
    ];
}

/** What an answer has too much, too little or otherwise than contract/answers.schema.json says; empty: nothing. */
function unlikeTheContract(TestResponse $answer, string $definition): array
{
    static $validator = null;
    if (! $validator instanceof Validator) {
        $validator = new Validator(null, 10, false);
        foreach (['contract/answers', 'core/Plan/File/plan-v2'] as $file) {
            $name = 'https://ulvrach.invalid/'.basename($file).'.schema.json';
            $validator->resolver()?->registerFile($name, base_path("{$file}.schema.json"));
        }
    }
    $error = $validator
        ->validate(
            json_decode((string) $answer->getContent()),
            (object) ['$ref' => "https://ulvrach.invalid/answers.schema.json#/\$defs/{$definition}"],
        )
        ->error();

    return $error === null ? [] : (new ErrorFormatter())->format($error);
}
