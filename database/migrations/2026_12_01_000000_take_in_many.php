<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * Many lots come in as one act, which can be taken back as one; a place may be one whose air nobody has
 * measured, or is no more; a container may hold others; and the store is seen over the years ahead, as far as the middle of each forecast.
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
        // Which lots lie in which containers, and where those are: reckoned from the journal.
        DB::statement('CREATE TABLE lot_containers (
            lot_id TEXT NOT NULL REFERENCES lots,
            container_id TEXT NOT NULL,
            kind TEXT NOT NULL,
            place_id TEXT,
            inside TEXT,
            path TEXT NOT NULL,
            seeds REAL,
            cold_until TEXT,
            PRIMARY KEY (lot_id, container_id)
        ) STRICT');
        DB::statement('CREATE INDEX lot_containers_place ON lot_containers (place_id)');
        DB::statement('CREATE INDEX lot_containers_inside ON lot_containers (inside) WHERE inside IS NOT NULL');
        DB::statement('ALTER TABLE lot_standings ADD COLUMN likely_until TEXT');
        // What it is ordered by: the near edge, or where there is no forecast the end of its crop's ordinary years.
        DB::statement('ALTER TABLE lot_standings ADD COLUMN ends_at TEXT');
        DB::statement('ALTER TABLE lot_standings ADD COLUMN counted INTEGER NOT NULL DEFAULT 0');
        DB::statement('DROP INDEX lot_standings_ends');
        DB::statement('CREATE INDEX lot_standings_ends ON lot_standings (place, used_up, ends_at IS NULL, ends_at, number)');
        DB::statement("ALTER TABLE containers ADD COLUMN note TEXT NOT NULL DEFAULT ''");
        DB::statement('ALTER TABLE containers ADD COLUMN gone INTEGER NOT NULL DEFAULT 0');
        DB::statement("CREATE INDEX containers_named ON containers (name) WHERE name != ''");
        DB::statement('ALTER TABLE places ADD COLUMN gone INTEGER NOT NULL DEFAULT 0');
        DB::statement('ALTER TABLE places ADD COLUMN air_known INTEGER NOT NULL DEFAULT 1');
    }
};
