<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/* Plants that differed and that were judged strays are said as that, not as none. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('ALTER TABLE planting_standings ADD COLUMN strays INTEGER NOT NULL DEFAULT 0');
    }
};
