<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * What every page shows of a large garden is told by indexes alone: what falls due on a day and of what, how much is open,
 * and which lots are the last of their variety. What is due is laid out anew, and reckoned afresh after a migration.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('DROP TABLE tasks');
        // code: of the lot or planting, as on its tag. urgency: how near the top of Today it stands.
        DB::statement('CREATE TABLE tasks (
            id INTEGER PRIMARY KEY,
            subject TEXT NOT NULL,
            subject_id TEXT NOT NULL,
            code TEXT NOT NULL,
            kind TEXT NOT NULL,
            place TEXT NOT NULL,
            opens_at TEXT NOT NULL,
            best_at TEXT NOT NULL,
            latest_at TEXT,
            lapses_at TEXT,
            loss TEXT NOT NULL,
            about TEXT,
            figures TEXT NOT NULL,
            day TEXT NOT NULL,
            urgency INTEGER NOT NULL
        ) STRICT');
        DB::statement('CREATE INDEX tasks_best ON tasks (best_at, lapses_at, opens_at)');
        DB::statement('CREATE INDEX tasks_urgent ON tasks (urgency, best_at, id)');
        // All that is marked on the belt.
        DB::statement('CREATE INDEX tasks_day ON tasks (day, urgency, best_at, id, kind, code)');
        // What wants hands in a place are things, each counted once, whichever of its tasks is wanted.
        DB::statement('CREATE INDEX tasks_hands ON tasks (place, best_at, lapses_at, subject_id)');
        DB::statement('CREATE INDEX tasks_subject ON tasks (subject, subject_id, best_at)');
        DB::statement("CREATE INDEX tasks_settle ON tasks (subject_id) WHERE kind = 'settle'");
        DB::statement("ALTER TABLE lot_standings ADD COLUMN variety_id TEXT NOT NULL DEFAULT ''");
        DB::statement("CREATE INDEX lot_standings_of_variety ON lot_standings (variety_id, lot_id) WHERE used_up = 0 AND place != 'plot'");
    }
};
