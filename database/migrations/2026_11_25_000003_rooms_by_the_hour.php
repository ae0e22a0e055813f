<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Rooms kept by season become rooms that are the same by night as by day, and that the clock does not count with yet.
 */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement(
            <<<'SQL'
            UPDATE work_benches SET room = json_build_object(
                'seasons', (
                    SELECT json_object_agg(key, json_build_object('day', value, 'night', value)) FROM json_each(room)
                ),
                'night', json_build_array(1380, 360),
                'counts', false
            ) WHERE room IS NOT NULL
            SQL
            ,
        );
    }

    public function down(): void
    {
        DB::statement(
            <<<'SQL'
            UPDATE work_benches SET room = (
                SELECT json_object_agg(key, value -> 'day') FROM json_each(room -> 'seasons')
            ) WHERE room IS NOT NULL
            SQL
            ,
        );
    }
};
