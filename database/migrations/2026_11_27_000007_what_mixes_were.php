<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('mixes', function (Blueprint $table): void {
            $table->jsonb('history')->default('[]');
            // By which plans and other mixes know it: it stays the same when a shelf is taken to another account.
            $table->uuid('code')->nullable();
        });
        DB::table('mixes')->update(['code' => DB::raw('id')]);
        Schema::table('mixes', function (Blueprint $table): void {
            $table->uuid('code')->nullable(false)->change();
            $table->unique(['user_id', 'code']);
        });
    }

    public function down(): void
    {
        Schema::table('mixes', function (Blueprint $table): void {
            $table->dropUnique(['user_id', 'code']);
            $table->dropColumn(['history', 'code']);
        });
    }
};
