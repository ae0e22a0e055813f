<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('photos', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            // What it shows: "mix:" and the code of a mix, and so on.
            $table->string('subject', 80);
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            // In the database and not beside it, so that one backup holds all, and nothing has to be kept in step.
            $table->binary('picture');
            $table->binary('small');
            $table->timestamps();
            $table->index(['user_id', 'subject']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('photos');
    }
};
