<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/* Fruit of a planting that lies on the shelf, or is open with its seed in it; plants of it that were looked at one by one. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('ALTER TABLE planting_standings ADD COLUMN shelved INTEGER NOT NULL DEFAULT 0');
        DB::statement('ALTER TABLE planting_standings ADD COLUMN walked INTEGER NOT NULL DEFAULT 0');
        DB::statement('CREATE INDEX planting_standings_shelved ON planting_standings (shelved) WHERE shelved > 0');
    }
};
