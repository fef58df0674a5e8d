<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * Marks that belong to the garden's file and must go where it goes: what its lists were reckoned with, when it was last
 * copied. A mark beside the file would be wrong as soon as another file takes its place.
 */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('CREATE TABLE marks (
            key TEXT PRIMARY KEY,
            value TEXT NOT NULL
        ) STRICT');
    }
};
