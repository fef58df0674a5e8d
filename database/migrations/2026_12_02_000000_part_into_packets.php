<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Ramsey\Uuid\Uuid;

/*
 * Lots are parted into packets for the years in which they are sown, and some of a lot is kept in reserve. A garden has an
 * id of its own, which stands on its tags; what is to be printed waits for its printer.
 */
return new class extends Migration {
    public function up(): void
    {
        // The packet's code, the year in which it is to be sown, and the plants it is to give.
        DB::statement('ALTER TABLE lot_containers ADD COLUMN packet TEXT');
        DB::statement('ALTER TABLE lot_containers ADD COLUMN year INTEGER');
        DB::statement('ALTER TABLE lot_containers ADD COLUMN plants INTEGER');
        DB::statement('CREATE INDEX lot_containers_year ON lot_containers (year, lot_id) WHERE year IS NOT NULL');
        // Seeds beyond its packets and its reserve: what may be given away.
        DB::statement('ALTER TABLE lot_standings ADD COLUMN spare REAL');
        DB::statement('ALTER TABLE lot_standings ADD COLUMN reserve INTEGER NOT NULL DEFAULT 0');
        DB::statement('CREATE TABLE print_jobs (
            id TEXT PRIMARY KEY,
            title TEXT NOT NULL,
            document TEXT NOT NULL,
            made_at TEXT NOT NULL,
            sent_at TEXT,
            trouble TEXT NOT NULL DEFAULT \'\'
        ) STRICT');
        // From whom seed came and to whom it went, however long the journal.
        foreach (['received', 'withdrawn'] as $kind) {
            DB::statement("CREATE INDEX journal_$kind ON journal_entries (seq) WHERE kind = '$kind'");
        }
        // A garden that has a journal has it of that, so that a copy from before this is the same garden when it is gone back to.
        $first = DB::table('journal_entries')->orderBy('seq')->value('id');
        DB::table('marks')->insertOrIgnore(['key' => 'garden', 'value' => (is_string($first) && Uuid::isValid($first) ? Uuid::uuid5($first, 'garden') : Uuid::uuid4())->toString()]);
    }
};
