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
    }
};
