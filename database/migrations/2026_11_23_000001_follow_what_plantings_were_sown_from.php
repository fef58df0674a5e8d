<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration {
    public function up(): void
    {
        DB::statement("ALTER TABLE planting_standings ADD COLUMN sown_from TEXT NOT NULL DEFAULT ''");
        DB::statement('ALTER TABLE planting_standings ADD COLUMN off_types INTEGER NOT NULL DEFAULT 0');
        DB::statement('ALTER TABLE planting_standings ADD COLUMN looked_over INTEGER NOT NULL DEFAULT 0');
        // What was sown before is known from the journal; of several sowings the last stands.
        DB::statement("UPDATE planting_standings SET sown_from = coalesce((
            SELECT json_extract(payload, '$.sown_from') FROM journal_entries
            WHERE subject = 'planting' AND subject_id = planting_standings.planting_id AND kind = 'sown'
            ORDER BY seq DESC LIMIT 1), '')");
    }
};
