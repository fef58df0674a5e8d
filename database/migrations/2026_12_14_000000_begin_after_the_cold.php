<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/* The days of a test begin as its seed comes out of the cold or the water; NULL where that is as it was laid. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('ALTER TABLE test_standings ADD COLUMN began_at TEXT');
    }
};
