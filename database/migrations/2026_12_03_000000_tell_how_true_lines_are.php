<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * How true a line is rests on what was recorded of it: what plantings tell of it stands beside them, and the word for it
 * beside every lot and planting.
 */
return new class extends Migration {
    public function up(): void
    {
        // off_types and looked_over now hold what counts; whether they show a crossing is reckoned.
        DB::statement('ALTER TABLE planting_standings ADD COLUMN crossing INTEGER NOT NULL DEFAULT 0');
        DB::statement('ALTER TABLE planting_standings ADD COLUMN crossing_at TEXT');
        DB::statement('ALTER TABLE planting_standings ADD COLUMN taken_out REAL NOT NULL DEFAULT 0');
        DB::statement('ALTER TABLE planting_standings ADD COLUMN crossed REAL');
        DB::statement("ALTER TABLE planting_standings ADD COLUMN crossed_mothers TEXT NOT NULL DEFAULT '[]'");
        DB::statement("ALTER TABLE planting_standings ADD COLUMN line TEXT NOT NULL DEFAULT 'not known'");
        // The planting of a plan that it is, where it was sown from there.
        DB::statement("ALTER TABLE planting_standings ADD COLUMN planned TEXT NOT NULL DEFAULT ''");
        DB::statement('DROP INDEX planting_standings_off');
        DB::statement('CREATE INDEX planting_standings_crossing ON planting_standings (planting_id) WHERE crossing = 1');
        // What the plan asks of a planting that stands is recorded of it.
        DB::statement('ALTER TABLE plan_tasks ADD COLUMN grown TEXT');
        DB::statement('ALTER TABLE plan_tasks ADD COLUMN standing INTEGER NOT NULL DEFAULT 0');
        DB::statement('ALTER TABLE plan_tasks ADD COLUMN in_store INTEGER NOT NULL DEFAULT 0');
        // Whether it is of tied flowers alone, and how true it is.
        DB::statement('ALTER TABLE lot_standings ADD COLUMN tied INTEGER NOT NULL DEFAULT 0');
        DB::statement("ALTER TABLE lot_standings ADD COLUMN mothers TEXT NOT NULL DEFAULT '[]'");
        DB::statement("ALTER TABLE lot_standings ADD COLUMN line TEXT NOT NULL DEFAULT 'not known'");
    }
};
