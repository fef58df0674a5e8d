<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * What lies in each place and box is counted by indexes alone, and what lies in a box is found without going through
 * every container of the garden.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('DROP INDEX lot_containers_place');
        DB::statement('DROP INDEX lot_containers_inside');
        DB::statement('CREATE INDEX lot_containers_place ON lot_containers (place_id, lot_id)');
        DB::statement('CREATE INDEX lot_containers_inside ON lot_containers (inside, lot_id) WHERE inside IS NOT NULL');
        DB::statement('CREATE INDEX lot_containers_container ON lot_containers (container_id)');
        // Tests that were begun together stand as their lots are numbered.
        DB::statement('ALTER TABLE test_standings ADD COLUMN number INTEGER NOT NULL DEFAULT 0');
        DB::statement('UPDATE test_standings SET number = coalesce((SELECT number FROM lots WHERE lots.id = test_standings.lot_id), 0)');
        // The newest tests that found something, against what was forecast.
        DB::statement('CREATE INDEX test_standings_found ON test_standings (started_at) WHERE ended_at IS NOT NULL AND last_day IS NOT NULL');
        DB::statement("CREATE INDEX containers_inside ON containers (inside) WHERE name != ''");
    }
};
