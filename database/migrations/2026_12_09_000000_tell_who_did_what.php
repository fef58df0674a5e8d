<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What was done to plans, settings and figures, and by whom. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement(
            'CREATE TABLE deeds (
                id TEXT PRIMARY KEY,
                done_at TEXT NOT NULL,
                kind TEXT NOT NULL,
                figures TEXT NOT NULL,
                recorded_by TEXT NOT NULL,
                keeper_id TEXT REFERENCES keepers
            ) STRICT',
        );
        DB::statement('CREATE INDEX deeds_done ON deeds (done_at, id)');
    }
};
