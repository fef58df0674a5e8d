<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * Written in SQL because the tables are STRICT, which the schema builder cannot say: SQLite then refuses a text in a
 * number's column instead of keeping it.
 *
 * Moments are the garden's wall-clock time as 'YYYY-MM-DD HH:MM:SS', so that they sort and compare as text.
 */
return new class extends Migration {
    public function up(): void
    {
        foreach (self::statements() as $statement) {
            DB::statement($statement);
        }
    }

    /** @return list<string> */
    private static function statements(): array
    {
        return [
            // Identity and fixed facts.
            'CREATE TABLE gardens (
                id INTEGER PRIMARY KEY,
                name TEXT NOT NULL
            ) STRICT',
            'CREATE TABLE store_places (
                id TEXT PRIMARY KEY,
                name TEXT NOT NULL UNIQUE COLLATE NOCASE,
                temperature_c REAL NOT NULL,
                rh REAL NOT NULL
            ) STRICT',
            "CREATE TABLE varieties (
                id TEXT PRIMARY KEY,
                crop TEXT NOT NULL,
                name TEXT NOT NULL COLLATE NOCASE,
                type TEXT NOT NULL,
                generation TEXT NOT NULL DEFAULT '',
                note TEXT NOT NULL DEFAULT '',
                UNIQUE (crop, name)
            ) STRICT",
            'CREATE TABLE plantings (
                id TEXT PRIMARY KEY,
                number INTEGER NOT NULL UNIQUE,
                variety_id TEXT NOT NULL REFERENCES varieties,
                season INTEGER NOT NULL,
                spot TEXT NOT NULL DEFAULT \'\'
            ) STRICT',
            'CREATE TABLE lots (
                id TEXT PRIMARY KEY,
                number INTEGER NOT NULL UNIQUE,
                planting_id TEXT NOT NULL REFERENCES plantings,
                variety_id TEXT NOT NULL REFERENCES varieties
            ) STRICT',
            'CREATE INDEX lots_planting ON lots (planting_id)',

            // What happened.
            "CREATE TABLE journal_entries (
                seq INTEGER PRIMARY KEY AUTOINCREMENT,
                id TEXT NOT NULL UNIQUE,
                subject TEXT NOT NULL CHECK (subject IN ('planting', 'lot')),
                subject_id TEXT NOT NULL,
                kind TEXT NOT NULL,
                payload TEXT NOT NULL CHECK (json_valid(payload)),
                happened_at TEXT NOT NULL,
                recorded_at TEXT NOT NULL,
                recorded_by TEXT NOT NULL DEFAULT ''
            ) STRICT",
            'CREATE INDEX journal_subject ON journal_entries (subject, subject_id, happened_at, seq)',
            'CREATE INDEX journal_happened ON journal_entries (happened_at)',
            "CREATE TRIGGER journal_is_never_changed BEFORE UPDATE ON journal_entries
                BEGIN SELECT RAISE(ABORT, 'journal entries are never changed; strike them'); END",
            "CREATE TRIGGER journal_is_never_cut BEFORE DELETE ON journal_entries
                BEGIN SELECT RAISE(ABORT, 'journal entries are never deleted; strike them'); END",

            // Projections: reckoned from the journal, rebuilt by marrow:rebuild.
            'CREATE TABLE lot_standings (
                lot_id TEXT PRIMARY KEY REFERENCES lots,
                place TEXT NOT NULL,
                stage TEXT NOT NULL,
                used_up INTEGER NOT NULL,
                year INTEGER,
                seeds REAL,
                grams REAL,
                moisture REAL,
                rate REAL,
                rate_low REAL,
                rate_high REAL,
                tested_on TEXT,
                good_until TEXT,
                container TEXT,
                store_place TEXT,
                last_at TEXT,
                search TEXT NOT NULL
            ) STRICT',
            'CREATE INDEX lot_standings_place ON lot_standings (place, used_up, good_until)',
            'CREATE TABLE planting_standings (
                planting_id TEXT PRIMARY KEY REFERENCES plantings,
                sown_at TEXT,
                plants INTEGER,
                lots INTEGER NOT NULL,
                search TEXT NOT NULL
            ) STRICT',
            'CREATE TABLE test_standings (
                test_id TEXT PRIMARY KEY,
                lot_id TEXT NOT NULL REFERENCES lots,
                started_at TEXT NOT NULL,
                ended_at TEXT,
                sown INTEGER NOT NULL,
                germinated INTEGER NOT NULL,
                undecided INTEGER NOT NULL,
                last_day INTEGER,
                verdict TEXT
            ) STRICT',
            'CREATE INDEX test_standings_running ON test_standings (ended_at, started_at)',
            'CREATE INDEX test_standings_lot ON test_standings (lot_id)',
            'CREATE TABLE tasks (
                id INTEGER PRIMARY KEY,
                subject TEXT NOT NULL,
                subject_id TEXT NOT NULL,
                kind TEXT NOT NULL,
                place TEXT NOT NULL,
                opens_at TEXT NOT NULL,
                best_at TEXT NOT NULL,
                latest_at TEXT,
                loses_seed INTEGER NOT NULL,
                about TEXT,
                figures TEXT NOT NULL
            ) STRICT',
            'CREATE INDEX tasks_best ON tasks (best_at)',
            'CREATE INDEX tasks_place ON tasks (place, opens_at, subject_id)',
            'CREATE INDEX tasks_subject ON tasks (subject, subject_id)',
        ];
    }
};
