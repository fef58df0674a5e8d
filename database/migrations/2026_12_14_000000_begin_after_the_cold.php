<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/* The days of a test begin as its seed comes out of the cold or the water; NULL where that is as it was laid. It may be of a part of its lot alone. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('ALTER TABLE test_standings ADD COLUMN began_at TEXT');
        DB::statement("ALTER TABLE test_standings ADD COLUMN part TEXT NOT NULL DEFAULT ''");
        DB::statement('CREATE INDEX test_standings_started ON test_standings (started_at)');
    }
};
