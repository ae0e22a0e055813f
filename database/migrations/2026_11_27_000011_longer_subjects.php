<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A build and a step of it are longer than a mix.
        Schema::table('photos', function (Blueprint $table): void {
            $table->string('subject', 160)->change();
        });
    }

    public function down(): void
    {
        Schema::table('photos', function (Blueprint $table): void {
            $table->string('subject', 80)->change();
        });
    }
};
