<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * What in the lists is not yet as the journal, the settings and the handbook have it: written down in the same transaction
 * that made it so, and worked off in slices. While a row stands here its thing's lists are behind, whoever is killed when.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('CREATE TABLE backlog (
            phase INTEGER NOT NULL,
            number INTEGER NOT NULL,
            id TEXT NOT NULL,
            PRIMARY KEY (phase, number, id)
        ) STRICT, WITHOUT ROWID');
        // When each planting blooms, seen or reckoned: those of one species that bloom together are each other's pollen.
        DB::statement('ALTER TABLE planting_standings ADD COLUMN bloom_from TEXT');
        DB::statement('ALTER TABLE planting_standings ADD COLUMN bloom_to TEXT');
        DB::statement('ALTER TABLE planting_standings ADD COLUMN bloom_seen INTEGER NOT NULL DEFAULT 0');
        // By which a list that is sent again is known to be the same.
        DB::statement("ALTER TABLE acts ADD COLUMN digest TEXT NOT NULL DEFAULT ''");
    }
};
