<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/* What instruments measure is no entry of the journal: it lies by itself, and is thinned to what each day had. */
return new class extends Migration {
    public function up(): void
    {
        foreach ([
            "CREATE TABLE instruments (
                id TEXT PRIMARY KEY,
                name TEXT NOT NULL,
                kind TEXT NOT NULL,
                place_id TEXT REFERENCES places,
                hung_at TEXT,
                address TEXT NOT NULL DEFAULT '',
                errs REAL,
                gone INTEGER NOT NULL DEFAULT 0,
                heard_at TEXT,
                asked_at TEXT,
                trouble TEXT NOT NULL DEFAULT ''
            ) STRICT",
            'CREATE TABLE readings (
                instrument_id TEXT NOT NULL REFERENCES instruments,
                measure TEXT NOT NULL,
                at TEXT NOT NULL,
                value REAL NOT NULL,
                PRIMARY KEY (instrument_id, measure, at)
            ) STRICT, WITHOUT ROWID',
            'CREATE TABLE reading_days (
                instrument_id TEXT NOT NULL REFERENCES instruments,
                measure TEXT NOT NULL,
                day TEXT NOT NULL,
                least REAL NOT NULL,
                greatest REAL NOT NULL,
                total REAL NOT NULL,
                readings INTEGER NOT NULL,
                PRIMARY KEY (instrument_id, measure, day)
            ) STRICT, WITHOUT ROWID',
            'CREATE TABLE forecasts (
                instrument_id TEXT NOT NULL REFERENCES instruments,
                for_day TEXT NOT NULL,
                said_on TEXT NOT NULL,
                low REAL, high REAL, rain REAL, chance REAL, wind REAL,
                PRIMARY KEY (instrument_id, for_day, said_on)
            ) STRICT, WITHOUT ROWID',
        ] as $statement) {
            DB::statement($statement);
        }
    }
};
