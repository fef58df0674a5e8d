<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * Lots that were not picked here, entries that refer to several things, containers, places and keepers as things of their
 * own, settings, and plans whose work is kept as facts. What is reckoned from the journal is laid out anew and filled by
 * the rebuild that follows every migration.
 */
return new class extends Migration {
    public function up(): void
    {
        foreach ([...self::things(), ...self::journal(), ...self::references(), ...self::plans(), ...self::projections()] as $statement) {
            DB::statement($statement);
        }
    }

    /** @return list<string> */
    private static function things(): array
    {
        return [
            'DROP TABLE tasks',
            'DROP TABLE test_standings',
            'DROP TABLE lot_standings',
            'DROP TABLE planting_standings',

            'ALTER TABLE store_places RENAME TO places',
            'CREATE TABLE keepers (
                id TEXT PRIMARY KEY,
                name TEXT NOT NULL UNIQUE COLLATE NOCASE
            ) STRICT',
            "INSERT INTO keepers (id, name) SELECT min(id), recorded_by FROM journal_entries WHERE recorded_by <> '' GROUP BY recorded_by COLLATE NOCASE",
            'CREATE TABLE settings (
                key TEXT PRIMARY KEY,
                value TEXT NOT NULL
            ) STRICT',
            // A container lies in another, or in a place.
            'CREATE TABLE containers (
                id TEXT PRIMARY KEY,
                kind TEXT NOT NULL,
                name TEXT NOT NULL DEFAULT \'\',
                inside TEXT REFERENCES containers,
                place_id TEXT REFERENCES places
            ) STRICT',

            // How a lot came to be: picked from a planting, got from elsewhere, split off or mixed from other lots.
            'CREATE TABLE lot_origins_new (
                lot_id TEXT NOT NULL,
                kind TEXT NOT NULL,
                planting_id TEXT,
                from_lot_id TEXT
            ) STRICT',
            "INSERT INTO lot_origins_new (lot_id, kind, planting_id) SELECT id, 'picked', planting_id FROM lots",
            'CREATE TABLE lots_new (
                id TEXT PRIMARY KEY,
                number INTEGER NOT NULL UNIQUE,
                variety_id TEXT NOT NULL REFERENCES varieties
            ) STRICT',
            'INSERT INTO lots_new SELECT id, number, variety_id FROM lots',
            'DROP TABLE lots',
            'ALTER TABLE lots_new RENAME TO lots',
            'CREATE INDEX lots_variety ON lots (variety_id)',
            // The season of a planting is when the journal says that it was sown.
            'CREATE TABLE plantings_new (
                id TEXT PRIMARY KEY,
                number INTEGER NOT NULL UNIQUE,
                variety_id TEXT NOT NULL REFERENCES varieties,
                spot TEXT NOT NULL DEFAULT \'\'
            ) STRICT',
            'INSERT INTO plantings_new SELECT id, number, variety_id, spot FROM plantings',
            'DROP TABLE plantings',
            'ALTER TABLE plantings_new RENAME TO plantings',
            'CREATE INDEX plantings_variety ON plantings (variety_id)',
            'CREATE TABLE lot_origins (
                lot_id TEXT NOT NULL REFERENCES lots,
                kind TEXT NOT NULL,
                planting_id TEXT REFERENCES plantings,
                from_lot_id TEXT REFERENCES lots
            ) STRICT',
            'INSERT INTO lot_origins SELECT * FROM lot_origins_new',
            'DROP TABLE lot_origins_new',
            'CREATE INDEX lot_origins_lot ON lot_origins (lot_id)',
            'CREATE INDEX lot_origins_planting ON lot_origins (planting_id)',
            'CREATE INDEX lot_origins_from ON lot_origins (from_lot_id)',
        ];
    }

    /** @return list<string> the journal with room for any subject, in the order that it has now */
    private static function journal(): array
    {
        return [
            'DROP TRIGGER journal_is_never_changed',
            'DROP TRIGGER journal_is_never_cut',
            // ord decides between entries of one moment: what was kept before in the order in which it came, the rest by its id.
            'CREATE TABLE journal_new (
                seq INTEGER PRIMARY KEY AUTOINCREMENT,
                id TEXT NOT NULL UNIQUE,
                ord TEXT NOT NULL,
                subject TEXT NOT NULL,
                subject_id TEXT NOT NULL,
                kind TEXT NOT NULL,
                payload TEXT NOT NULL CHECK (json_valid(payload)),
                happened_at TEXT NOT NULL,
                given_at TEXT NOT NULL DEFAULT \'\',
                recorded_at TEXT NOT NULL,
                recorded_by TEXT NOT NULL DEFAULT \'\',
                keeper_id TEXT REFERENCES keepers,
                replaces TEXT
            ) STRICT',
            "INSERT INTO journal_new (seq, id, ord, subject, subject_id, kind, payload, happened_at, recorded_at, recorded_by, keeper_id)
                SELECT j.seq, j.id, printf('%020d', j.seq), j.subject, j.subject_id, j.kind, j.payload, j.happened_at, j.recorded_at, j.recorded_by, k.id
                FROM journal_entries j LEFT JOIN keepers k ON k.name = j.recorded_by",
            'DROP TABLE journal_entries',
            'ALTER TABLE journal_new RENAME TO journal_entries',
            'CREATE INDEX journal_subject ON journal_entries (subject, subject_id, happened_at, ord)',
            'CREATE INDEX journal_happened ON journal_entries (happened_at, ord)',
            "CREATE INDEX journal_strikes ON journal_entries (subject_id) WHERE kind = 'struck'",
            "CREATE TRIGGER journal_is_never_changed BEFORE UPDATE ON journal_entries
                BEGIN SELECT RAISE(ABORT, 'journal entries are never changed; strike them'); END",
            "CREATE TRIGGER journal_is_never_cut BEFORE DELETE ON journal_entries
                BEGIN SELECT RAISE(ABORT, 'journal entries are never deleted; strike them'); END",
        ];
    }

    /** @return list<string> what entries refer to; what the old ones said in words becomes a link where it is sure */
    private static function references(): array
    {
        return [
            'CREATE TABLE entry_refs (
                entry_id TEXT NOT NULL REFERENCES journal_entries (id),
                role TEXT NOT NULL,
                subject TEXT NOT NULL,
                subject_id TEXT NOT NULL,
                PRIMARY KEY (entry_id, role, subject_id)
            ) STRICT',
            'CREATE INDEX entry_refs_subject ON entry_refs (subject, subject_id)',
            // "L6", or "L6, the larger seeds", of the planting's own crop; "L1 x L2" is a cross, and what merely mentions a code is no link.
            "WITH sown AS (
                SELECT j.id, v.crop, trim(json_extract(j.payload, '$.sown_from')) AS said
                FROM journal_entries j JOIN plantings p ON p.id = j.subject_id JOIN varieties v ON v.id = p.variety_id
                WHERE j.subject = 'planting' AND j.kind = 'sown'
            ), coded AS (
                SELECT id, crop, said, CAST(ltrim(substr(said, 2)) AS INTEGER) AS number, ltrim(ltrim(substr(said, 2)), '0123456789') AS rest
                FROM sown WHERE said LIKE 'L%' AND ltrim(substr(said, 2)) GLOB '[0-9]*'
            )
            INSERT INTO entry_refs (entry_id, role, subject, subject_id)
                SELECT coded.id, 'lot', 'lot', l.id FROM coded
                JOIN lots l ON l.number = coded.number JOIN varieties v ON v.id = l.variety_id AND v.crop = coded.crop
                WHERE coded.rest = '' OR substr(coded.rest, 1, 1) IN (',', '.', ';', ':', '(') OR (substr(coded.rest, 1, 1) = ' ' AND ltrim(coded.rest) NOT LIKE 'x %' AND ltrim(coded.rest) NOT LIKE '×%' AND ltrim(coded.rest) NOT LIKE '+%' AND ltrim(coded.rest) NOT LIKE 'and %')",
            "INSERT INTO entry_refs (entry_id, role, subject, subject_id)
                SELECT j.id, 'place_id', 'place', p.id FROM journal_entries j
                JOIN places p ON p.name = json_extract(j.payload, '$.place')
                    AND p.temperature_c = json_extract(j.payload, '$.temperature_c') AND p.rh = json_extract(j.payload, '$.rh')
                WHERE j.kind = 'stored'",
            // A lot had one container; it goes by the lot's own id.
            "INSERT INTO containers (id, kind, place_id)
                SELECT j.subject_id, json_extract(j.payload, '$.container'), r.subject_id
                FROM journal_entries j LEFT JOIN entry_refs r ON r.entry_id = j.id AND r.role = 'place_id'
                WHERE j.kind = 'stored' AND j.seq = (SELECT max(seq) FROM journal_entries WHERE kind = 'stored' AND subject_id = j.subject_id)",
            "INSERT INTO entry_refs (entry_id, role, subject, subject_id)
                SELECT id, 'into', 'container', subject_id FROM journal_entries WHERE kind = 'stored'",
        ];
    }

    /** @return list<string> */
    private static function plans(): array
    {
        return [
            'DROP TABLE plan_tasks',
            // The work of each plan as it stands, written with its newest version; said when it is read.
            'CREATE TABLE plan_tasks (
                year INTEGER NOT NULL REFERENCES plans,
                planting TEXT NOT NULL,
                kind TEXT NOT NULL,
                on_day TEXT NOT NULL,
                until_day TEXT,
                stays INTEGER NOT NULL,
                variety_id TEXT NOT NULL,
                crop TEXT NOT NULL,
                figures TEXT NOT NULL,
                PRIMARY KEY (year, planting, kind)
            ) STRICT',
            'CREATE INDEX plan_tasks_day ON plan_tasks (on_day)',
            // Which varieties are in the newest version of which plan: what a planting may move.
            'CREATE TABLE plan_varieties (
                year INTEGER NOT NULL REFERENCES plans,
                variety_id TEXT NOT NULL,
                PRIMARY KEY (variety_id, year)
            ) STRICT',
        ];
    }

    /** @return list<string> */
    private static function projections(): array
    {
        return [
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
                place_id TEXT,
                store_place TEXT,
                last_at TEXT,
                search TEXT NOT NULL
            ) STRICT',
            'CREATE INDEX lot_standings_place ON lot_standings (place, used_up, good_until)',
            'CREATE TABLE planting_standings (
                planting_id TEXT PRIMARY KEY REFERENCES plantings,
                season INTEGER,
                sown_at TEXT,
                plants INTEGER,
                lots INTEGER NOT NULL,
                sown_lot TEXT,
                sown_from TEXT NOT NULL DEFAULT \'\',
                off_types INTEGER NOT NULL DEFAULT 0,
                looked_over INTEGER NOT NULL DEFAULT 0,
                search TEXT NOT NULL
            ) STRICT',
            'CREATE INDEX planting_standings_season ON planting_standings (season)',
            'CREATE INDEX planting_standings_sown_lot ON planting_standings (sown_lot)',
            'CREATE INDEX planting_standings_off ON planting_standings (planting_id) WHERE off_types > 0',
            'CREATE TABLE test_standings (
                lot_id TEXT NOT NULL REFERENCES lots,
                test_id TEXT NOT NULL,
                started_at TEXT NOT NULL,
                ended_at TEXT,
                sown INTEGER NOT NULL,
                germinated INTEGER NOT NULL,
                undecided INTEGER NOT NULL,
                last_day INTEGER,
                verdict TEXT,
                PRIMARY KEY (lot_id, test_id)
            ) STRICT',
            'CREATE INDEX test_standings_running ON test_standings (ended_at, started_at)',
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
                figures TEXT NOT NULL
            ) STRICT',
            'CREATE INDEX tasks_best ON tasks (best_at)',
            'CREATE INDEX tasks_place ON tasks (place, best_at, subject_id)',
            'CREATE INDEX tasks_subject ON tasks (subject, subject_id)',
        ];
    }
};
