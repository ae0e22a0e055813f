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
            $table->string('thinner', 120)->default('');
            $table->date('thinned_on')->nullable();
            $table->jsonb('signs')->default('[]');
            $table->decimal('holds_ml', 7, 1)->nullable();
            $table->boolean('is_withdrawn')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('jars', function (Blueprint $table): void {
            $table->dropColumn(['thinner', 'thinned_on', 'signs', 'holds_ml', 'is_withdrawn']);
        });
    }
};
