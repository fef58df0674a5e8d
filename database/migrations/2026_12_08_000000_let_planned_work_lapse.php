<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/* What a plan asks is asked for as long as it can be done, and no longer. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement('ALTER TABLE plan_tasks ADD COLUMN lapses_day TEXT');
    }
};
