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
            $table->json('put_off')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('work_benches', function (Blueprint $table): void {
            $table->dropColumn('put_off');
        });
    }
};
