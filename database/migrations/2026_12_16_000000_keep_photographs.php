<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/* Photographs of plants, small: in the garden's own file, so that they are in every copy of it. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('CREATE TABLE photographs (id TEXT PRIMARY KEY, bytes BLOB NOT NULL, size INTEGER NOT NULL, added_at TEXT NOT NULL) STRICT');
    }
};
