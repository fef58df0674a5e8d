<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/* What stands on the bench is drawn as what it stands in. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement("ALTER TABLE lot_standings ADD COLUMN stands TEXT NOT NULL DEFAULT ''");
    }
};
