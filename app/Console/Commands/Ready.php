<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Copies\Copies;
use App\Handbook\ReadCrops;
use App\Models\Backlog;
use App\Models\Garden;
use App\Models\Marks;
use App\Models\WriteLock;
use App\Plans\PlanBook;
use App\Projection\Projector;
use App\Reading\Stores;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Throwable;

/** Gets a garden's file ready for this program, whatever it went through: it may be new, older, or another than before. */
final class Ready extends Command
{
    protected $signature = 'marrow:ready {--name= : what a new garden is called} {--demo : lay the demo garden out in an empty file} {--latitude= : where the demo lies, as marrow:demo has it} {--later : leave what must be reckoned afresh to be worked off meanwhile}';

    protected $description = 'Bring the database up to date, lay a new garden out, and reckon afresh what was reckoned by another program';

    private const A_SLICE = 100;

    public function handle(Copies $copies, ReadCrops $crops): int
    {
        $crops->make(config()->string('marrow.crops'));
        try {
            $check = DB::selectOne('PRAGMA quick_check');
            if (! is_object($check) || ! isset($check->quick_check) || $check->quick_check !== 'ok') {
                throw new RuntimeException('not ok');
            }
        } catch (Throwable) {
            $this->error("The garden's file is damaged. Nothing was changed. Go back to a copy of it: php artisan marrow:restore COPY");

            return self::FAILURE;
        }
        $lost = $this->option('demo') || $this->holdsGarden() ? [] : $copies->all();
        if ($lost !== []) {
            $this->error("There is no garden in the file, but there are copies of one, the newest {$lost[0]->file} with {$lost[0]->entries} entries. Go back to it: php artisan marrow:restore {$lost[0]->file}. For a new garden move the copies elsewhere.");

            return self::FAILURE;
        }
        try {
            // All or nothing: killed in the middle, a half changed garden could not be opened by any program.
            DB::transaction(fn (): int => $this->callSilently('migrate', ['--force' => true]));
        } catch (RuntimeException $e) {
            // A newer garden, above all.
            $this->error($e->getMessage());

            return self::FAILURE;
        }
        if (! Garden::query()->exists()) {
            $name = $this->option('name');
            $this->option('demo') ? $this->callSilently('marrow:demo', ['--latitude' => $this->option('latitude')]) : Garden::query()->create(['name' => is_string($name) && $name !== '' ? $name : 'My garden']);
        }
        $this->reckon();
        // Which index serves a question best is told by how the rows are spread; a sample of them will do.
        DB::statement('PRAGMA analysis_limit = 400');
        DB::statement('ANALYZE');

        return self::SUCCESS;
    }

    /** Made only now: what it stands on may have been what could not be read. */
    private function reckon(): void
    {
        $projector = app(Projector::class);
        $plans = app(PlanBook::class);
        $with = self::program();
        if (Marks::get(Marks::RECKONED_WITH) !== $with) {
            WriteLock::hold(static function () use ($with, $plans): void {
                Backlog::addAll();
                Backlog::addPlans($plans->years());
                Marks::set(Marks::RECKONED_WITH, $with);
            });
        }
        WriteLock::hold(app(Stores::class)->placeAll(...));
        // A keeper who is served meanwhile need not wait; one who opens the garden sees it whole.
        while ($this->option('later') !== true && $projector->workOff(self::A_SLICE)) {
            WriteLock::pause();
        }
    }

    private function holdsGarden(): bool
    {
        return DB::table('sqlite_master')->where('type', 'table')->where('name', 'gardens')->exists() && Garden::query()->exists();
    }

    /** What lists hold is reckoned by these. */
    private static function program(): string
    {
        $hash = hash_init('xxh128');
        foreach (['core/src', 'core/data', 'app/Projection', 'app/Reading', 'app/Plans', 'app/Lineage'] as $folder) {
            $files = [];
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(base_path($folder), \FilesystemIterator::SKIP_DOTS)) as $file) {
                if ($file instanceof \SplFileInfo) {
                    $files[] = $file->getPathname();
                }
            }
            sort($files);
            foreach ($files as $file) {
                hash_update($hash, substr($file, strlen(base_path())).(string) hash_file('xxh128', $file));
            }
        }

        return hash_final($hash);
    }
}
