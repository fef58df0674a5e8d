<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/*
 * What the keeper wants of the rota, every version of it; and the rotas that were agreed on, with the problem that they answered.
 */
return new class extends Migration {
    public function up(): void
    {
        foreach ([
            'CREATE TABLE rota_versions (
                number INTEGER PRIMARY KEY,
                document TEXT NOT NULL,
                said TEXT NOT NULL,
                saved_at TEXT NOT NULL
            ) STRICT',
            'CREATE TABLE rotas_agreed (
                number INTEGER PRIMARY KEY,
                problem TEXT NOT NULL,
                growings TEXT NOT NULL,
                agreed_at TEXT NOT NULL
            ) STRICT',
        ] as $statement) {
            DB::statement($statement);
        }
    }
};
