<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * A lot has parents with roles: the planting it was picked from, what gave the pollen where that was another, the lots that it
 * is a part of. Which lot each of them leads back to stands beside it, so that a family is followed in one table.
 */
return new class extends Migration {
    public function up(): void
    {
        foreach ([
            "CREATE TABLE lot_parents (
                lot_id TEXT NOT NULL REFERENCES lots,
                role TEXT NOT NULL,
                kind TEXT NOT NULL,
                planting_id TEXT REFERENCES plantings,
                from_lot_id TEXT REFERENCES lots,
                came TEXT,
                told TEXT NOT NULL DEFAULT '',
                plants INTEGER,
                share REAL
            ) STRICT",
            "INSERT INTO lot_parents (lot_id, role, kind, planting_id, from_lot_id, came, told)
                SELECT o.lot_id, CASE WHEN o.from_lot_id IS NULL AND o.kind != 'poured_together' THEN 'mother' ELSE 'part' END, o.kind, o.planting_id, o.from_lot_id,
                    coalesce(o.from_lot_id, s.sown_lot), CASE WHEN o.from_lot_id IS NULL THEN coalesce(s.sown_from, '') ELSE '' END
                FROM lot_origins o LEFT JOIN planting_standings s ON s.planting_id = o.planting_id",
            'DROP TABLE lot_origins',
            'CREATE INDEX lot_parents_lot ON lot_parents (lot_id)',
            'CREATE INDEX lot_parents_planting ON lot_parents (planting_id, role)',
            'CREATE INDEX lot_parents_from ON lot_parents (from_lot_id)',
            'CREATE INDEX lot_parents_came ON lot_parents (came)',
            // Plantings whose pollen was carried to plants of another, by their marks.
            "ALTER TABLE planting_standings ADD COLUMN crossed_by TEXT NOT NULL DEFAULT '{}'",
            // F2, F3 … of a cross; how often it was grown out here; and, of one that was named anew, since when it is held to be stable.
            "ALTER TABLE lot_standings ADD COLUMN generation TEXT NOT NULL DEFAULT ''",
            "ALTER TABLE planting_standings ADD COLUMN generation TEXT NOT NULL DEFAULT ''",
            'ALTER TABLE lot_standings ADD COLUMN own_generation INTEGER NOT NULL DEFAULT 0',
            'ALTER TABLE lot_standings ADD COLUMN told_generation INTEGER',
            'ALTER TABLE lot_standings ADD COLUMN released INTEGER NOT NULL DEFAULT 0',
            // From when to when there is anything to show of it on a day in the past: the first that happened, and the last that did or was said.
            'ALTER TABLE lot_standings ADD COLUMN first_at TEXT',
            'ALTER TABLE lot_standings ADD COLUMN quiet_since TEXT',
            'ALTER TABLE planting_standings ADD COLUMN first_at TEXT',
            'CREATE INDEX lot_standings_then ON lot_standings (used_up, quiet_since, first_at)',
            'CREATE INDEX planting_standings_then ON planting_standings (first_at)',
            // What a lot was called before it was named anew, and as what by which entry.
            'CREATE TABLE lot_names (entry_id TEXT PRIMARY KEY, lot_id TEXT NOT NULL, variety_id TEXT NOT NULL, was TEXT NOT NULL) STRICT',
            'CREATE INDEX lot_names_lot ON lot_names (lot_id)',
        ] as $statement) {
            DB::statement($statement);
        }
    }
};
