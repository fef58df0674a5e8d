<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration {
    public function up(): void
    {
        // variety is '' for a figure of the whole crop.
        DB::statement("CREATE TABLE crop_figures (
            crop TEXT NOT NULL,
            variety TEXT NOT NULL DEFAULT '',
            path TEXT NOT NULL,
            value REAL NOT NULL,
            PRIMARY KEY (crop, variety, path)
        ) STRICT");
        DB::statement('CREATE TABLE own_crops (
            crop TEXT PRIMARY KEY,
            document TEXT NOT NULL CHECK (json_valid(document))
        ) STRICT');
    }
};
