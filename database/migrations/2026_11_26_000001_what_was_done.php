<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Ulvrach\Plan\File\Upgrade\Upgrades;

/**
 * What was really done moves from the plans, where undo changed it, into a log beside them that is only added to.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('log_entries', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('build_id')->constrained()->cascadeOnDelete();
            // Made where the entry was made, so that one that is sent twice is kept once.
            $table->uuid('uuid');
            $table->string('kind', 20);
            $table->string('step_id', 40)->nullable();
            $table->timestampTz('happened_at');
            $table->uuid('corrects')->nullable();
            $table->jsonb('data');
            $table->timestamp('created_at');
            $table->unique(['build_id', 'uuid']);
        });
        DB::unprepared(<<<'SQL'
            CREATE FUNCTION log_entries_stay() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN
                RAISE EXCEPTION 'Log entries are never changed; a later one corrects an earlier one.';
            END $$;
            CREATE TRIGGER log_entries_stay BEFORE UPDATE ON log_entries
                FOR EACH ROW EXECUTE FUNCTION log_entries_stay();
            SQL);
        $heads = DB::table('builds')
            ->join('plan_revisions', 'plan_revisions.id', '=', 'builds.head_id')
            ->get(['builds.id', 'plan_revisions.document']);
        foreach ($heads as $head) {
            /** @var array<string, mixed>|null $document */
            $document = json_decode(is_string($head->document) ? $head->document : '', true);
            if (is_array($document) && ($document['version'] ?? null) === 1) {
                /** @var array{log?: list<array<string, mixed>>} $newest */
                $newest = Upgrades::toNewest($document);
                foreach ($newest['log'] ?? [] as $entry) {
                    DB::table('log_entries')->insert([
                        'build_id' => $head->id,
                        'uuid' => $entry['id'],
                        'kind' => $entry['kind'],
                        'step_id' => $entry['step'],
                        'happened_at' => $entry['at'],
                        'data' => json_encode(
                            array_diff_key($entry, ['id' => 1, 'kind' => 1, 'step' => 1, 'at' => 1]),
                            JSON_THROW_ON_ERROR,
                        ),
                        'created_at' => now(),
                    ]);
                }
            }
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('log_entries');
        DB::unprepared('DROP FUNCTION IF EXISTS log_entries_stay()');
    }
};
