<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/* What is done to many things at once is one act, as what comes in together is. */
return new class extends Migration {
    public function up(): void
    {
        DB::statement("ALTER TABLE acts ADD COLUMN sort TEXT NOT NULL DEFAULT 'taken_in'");
    }
};
