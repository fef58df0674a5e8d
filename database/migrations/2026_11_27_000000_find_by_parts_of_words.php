<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * Any part of a word, of three letters or more, is found by an index. It follows what is written of a lot or planting by
 * itself, and is filled by the rebuild that follows every migration.
 */
return new class extends Migration {
    public function up(): void
    {
        foreach (['lot' => 'NEW.number', 'planting' => '(SELECT number FROM plantings WHERE id = NEW.planting_id)'] as $thing => $number) {
            $standings = "{$thing}_standings";
            $words = "{$thing}_words";
            $gone = str_replace('NEW.', 'OLD.', $number);
            DB::statement("CREATE VIRTUAL TABLE $words USING fts5(search, tokenize = 'trigram')");
            DB::statement("INSERT INTO $words (rowid, search) SELECT (SELECT number FROM {$thing}s WHERE id = {$thing}_id), search FROM $standings");
            DB::statement("CREATE TRIGGER {$words}_come AFTER INSERT ON $standings BEGIN
                INSERT INTO $words (rowid, search) VALUES ($number, NEW.search); END");
            DB::statement("CREATE TRIGGER {$words}_change AFTER UPDATE OF search ON $standings WHEN NEW.search != OLD.search BEGIN
                UPDATE $words SET search = NEW.search WHERE rowid = $number; END");
            DB::statement("CREATE TRIGGER {$words}_go AFTER DELETE ON $standings BEGIN DELETE FROM $words WHERE rowid = $gone; END");
        }
        DB::statement('CREATE INDEX lot_standings_by_number ON lot_standings (number)');
        DB::statement('CREATE INDEX lot_standings_lying ON lot_standings (place_id, used_up)');
        DB::statement('DROP INDEX planting_standings_season');
        DB::statement('CREATE INDEX planting_standings_season ON planting_standings (season, lots, sown_at)');
    }
};
