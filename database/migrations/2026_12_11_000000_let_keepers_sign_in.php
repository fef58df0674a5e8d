<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Keepers sign in, each with a role; what lets somebody in is kept as a digest; who came and went stands in a book. */
return new class extends Migration {
    public function up(): void
    {
        // Without a role somebody is only a name that stands in the journal.
        DB::statement("ALTER TABLE keepers ADD COLUMN role TEXT NOT NULL DEFAULT ''");
        DB::statement("ALTER TABLE keepers ADD COLUMN password TEXT NOT NULL DEFAULT ''");
        DB::statement(
            'CREATE TABLE passes (
                id TEXT PRIMARY KEY,
                keeper_id TEXT REFERENCES keepers ON DELETE CASCADE,
                purpose TEXT NOT NULL,
                name TEXT NOT NULL,
                role TEXT NOT NULL,
                digest TEXT NOT NULL UNIQUE,
                made_at TEXT NOT NULL,
                used_at TEXT,
                ends_at TEXT
            ) STRICT',
        );
        DB::statement('CREATE INDEX passes_keeper ON passes (keeper_id)');
        DB::statement(
            'CREATE TABLE comings (
                seq INTEGER PRIMARY KEY,
                at TEXT NOT NULL,
                who TEXT NOT NULL,
                what TEXT NOT NULL,
                whom TEXT NOT NULL,
                address TEXT NOT NULL
            ) STRICT',
        );
    }
};
