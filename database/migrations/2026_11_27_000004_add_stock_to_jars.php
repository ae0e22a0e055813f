<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jars', function (Blueprint $table): void {
            // Beside the product, which plans copy: what is left of it and what it cost is nobody else's business.
            $table->decimal('left_ml', 7, 1)->nullable();
            $table->decimal('price', 8, 2)->nullable();
            $table->date('opened_on')->nullable();
            $table->unsignedSmallInteger('keeps_months')->nullable();
            $table->string('note', 500)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('jars', function (Blueprint $table): void {
            $table->dropColumn(['left_ml', 'price', 'opened_on', 'keeps_months', 'note']);
        });
    }
};
