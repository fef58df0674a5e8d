<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * What lists are ordered and counted by stands in their own rows and has an index, so that a page costs what it shows and
 * not what the garden holds. All of it is reckoned from the journal, by the rebuild that follows every migration.
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
            'CREATE INDEX journal_replaces ON journal_entries (replaces) WHERE replaces IS NOT NULL',

            'ALTER TABLE lot_standings ADD COLUMN number INTEGER NOT NULL DEFAULT 0',
            'ALTER TABLE lot_standings ADD COLUMN variety TEXT NOT NULL DEFAULT \'\'',
            'DROP INDEX lot_standings_place',
            'CREATE INDEX lot_standings_ends ON lot_standings (place, used_up, good_until IS NULL, good_until, number)',
            'CREATE INDEX lot_standings_waits ON lot_standings (place, used_up, last_at, number)',
            'CREATE INDEX lot_standings_named ON lot_standings (place, used_up, variety, number)',
            'CREATE INDEX lot_standings_number ON lot_standings (place, used_up, number)',

            'DROP TABLE tasks',
            // urgency: how near the top of Today it stands. first: whether nothing of that thing is wanted there sooner.
            'CREATE TABLE tasks (
                id INTEGER PRIMARY KEY,
                subject TEXT NOT NULL,
                subject_id TEXT NOT NULL,
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
                urgency INTEGER NOT NULL,
                first INTEGER NOT NULL
            ) STRICT',
            'CREATE INDEX tasks_best ON tasks (best_at, lapses_at)',
            'CREATE INDEX tasks_urgent ON tasks (urgency, best_at, id)',
            'CREATE INDEX tasks_day ON tasks (day, urgency, best_at, id)',
            'CREATE INDEX tasks_hands ON tasks (place, best_at, lapses_at) WHERE first = 1',
            'CREATE INDEX tasks_subject ON tasks (subject, subject_id, best_at)',
            "CREATE INDEX tasks_settle ON tasks (subject_id) WHERE kind = 'settle'",
        ];
    }
};
