<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * A plan is an intention, not something that happened, so it is no matter of the journal. Every change of it is a version
 * of its own: taking a change back is one more, and nothing that was ever planned is lost.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('CREATE TABLE plans (
            year INTEGER PRIMARY KEY
        ) STRICT');
        DB::statement('CREATE TABLE plan_versions (
            year INTEGER NOT NULL REFERENCES plans,
            number INTEGER NOT NULL,
            parent INTEGER,
            document TEXT NOT NULL CHECK (json_valid(document)),
            said TEXT NOT NULL,
            saved_at TEXT NOT NULL,
            PRIMARY KEY (year, number)
        ) STRICT');
        // The work of each plan as it stands, written with its newest version.
        DB::statement('CREATE TABLE plan_tasks (
            year INTEGER NOT NULL REFERENCES plans,
            planting TEXT NOT NULL,
            kind TEXT NOT NULL,
            on_day TEXT NOT NULL,
            until_day TEXT,
            task TEXT NOT NULL,
            reason TEXT NOT NULL,
            PRIMARY KEY (year, planting, kind)
        ) STRICT');
        DB::statement('CREATE INDEX plan_tasks_day ON plan_tasks (on_day)');
    }
};
