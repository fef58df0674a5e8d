<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * What every page shows of a large garden is told by indexes alone: what falls due on a day and of what, how much is open,
 * and which lots are the last of their variety. What they hold is reckoned afresh after a migration.
 */
return new class extends Migration {
    public function up(): void
    {
        // Of the lot or planting, as it stands on its tag: else each mark on the belt is looked up in two tables.
        DB::statement("ALTER TABLE tasks ADD COLUMN code TEXT NOT NULL DEFAULT ''");
        DB::statement('DROP INDEX tasks_day');
        DB::statement('CREATE INDEX tasks_day ON tasks (day, urgency, best_at, id, kind, code)');
        DB::statement('DROP INDEX tasks_best');
        DB::statement('CREATE INDEX tasks_best ON tasks (best_at, lapses_at, opens_at)');
        DB::statement("ALTER TABLE lot_standings ADD COLUMN variety_id TEXT NOT NULL DEFAULT ''");
        DB::statement("CREATE INDEX lot_standings_of_variety ON lot_standings (variety_id, lot_id) WHERE used_up = 0 AND place != 'plot'");
    }
};
