<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * What the tests of each lot tell of how seed ages in this store, and with what each lot's forecast was reckoned: a test of
 * one lot bears on the forecasts of all. Filled by the rebuild that follows every migration.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('CREATE TABLE lot_paces (
            lot_id TEXT PRIMARY KEY REFERENCES lots,
            weight REAL NOT NULL,
            pull REAL NOT NULL
        ) STRICT, WITHOUT ROWID');
        DB::statement("ALTER TABLE lot_standings ADD COLUMN pace TEXT NOT NULL DEFAULT ''");
    }
};
