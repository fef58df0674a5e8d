<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * Many lots come in as one act, which can be taken back as one; a place may be one whose air nobody has
 * measured; and the store is seen over the years ahead, as far as the middle of each forecast.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('CREATE TABLE acts (
            id TEXT PRIMARY KEY,
            title TEXT NOT NULL,
            lots INTEGER NOT NULL,
            made_at TEXT NOT NULL,
            taken_back_at TEXT
        ) STRICT');
        DB::statement('ALTER TABLE journal_entries ADD COLUMN act TEXT REFERENCES acts');
        DB::statement('CREATE INDEX journal_act ON journal_entries (act) WHERE act IS NOT NULL');
        DB::statement('ALTER TABLE lot_standings ADD COLUMN likely_until TEXT');
        DB::statement('ALTER TABLE places ADD COLUMN air_known INTEGER NOT NULL DEFAULT 1');
    }
};
