<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('builds', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            // Goes up with every change of the head, undo and redo included: what two tabs compare.
            $table->unsignedInteger('version')->default(1);
            $table->unsignedBigInteger('head_id')->nullable();
            $table->timestamps();
            $table->index(['user_id', 'updated_at']);
        });
        // A plan is stored as its plan file, once for every edit; undo and redo move the head along parent_id.
        Schema::create('plan_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignUuid('build_id')->constrained()->cascadeOnDelete();
            $table->foreignId('parent_id')->nullable()->index();
            $table->string('label', 200);
            $table->jsonb('document');
            $table->timestamp('created_at');
            $table->index(['build_id', 'parent_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('plan_revisions');
        Schema::dropIfExists('builds');
    }
};
