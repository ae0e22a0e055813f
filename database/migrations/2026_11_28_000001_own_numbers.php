<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('work_benches', function (Blueprint $table): void {
            // Which observations shall not count, and what of one's own numbers is counted with.
            $table->json('own')->nullable();
        });
        // What a jar has lost between two looks at it, and what the plans had expected.
        Schema::create('paint_uses', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('jar', 60);
            $table->string('name', 120);
            $table->double('expected_ml');
            $table->double('taken_ml');
            $table->timestamps();
            $table->index('user_id');
        });
    }

    public function down(): void
    {
        Schema::drop('paint_uses');
        Schema::table('work_benches', function (Blueprint $table): void {
            $table->dropColumn('own');
        });
    }
};
