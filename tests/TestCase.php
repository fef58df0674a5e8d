<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/**
 * Each test has a garden of its own in a real SQLite file, copied from one that was migrated once. All of a run lies in one
 * folder, which goes when the run ends; what a run left that was ended half-way goes with the next.
 */
abstract class TestCase extends BaseTestCase
{
    private static ?string $template = null;

    private static ?string $folder = null;

    /** A garden's day is the same wherever it lies: each class of tests lies in one of these. */
    private const ZONES = ['UTC', 'Pacific/Auckland', 'America/St_Johns'];

    protected string $database;

    public function createApplication(): Application
    {
        $this->database = self::folder().'/'.bin2hex(random_bytes(6)).'.sqlite';
        self::$template === null ? touch($this->database) : copy(self::$template, $this->database);
        putenv("DB_DATABASE=$this->database");
        $_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $this->database;
        $zone = self::zone();
        putenv("MARROW_TIMEZONE=$zone");
        $_ENV['MARROW_TIMEZONE'] = $_SERVER['MARROW_TIMEZONE'] = $zone;
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        if (self::$template === null) {
            Artisan::call('migrate', ['--force' => true]);
            DB::disconnect();
            self::$template = self::folder().'/template.sqlite';
            copy($this->database, self::$template);
        }

        return $app;
    }

    /**
     * A garden that a command lays out: laid once in a run, and copied.
     *
     * @param  array<string, mixed>  $with
     */
    protected function lay(string $command, array $with = []): void
    {
        $laid = self::folder().'/'.hash('xxh128', self::zone().$command.json_encode($with)).'.sqlite';
        if (is_file($laid)) {
            DB::disconnect();
            copy($laid, $this->database);

            return;
        }
        self::assertSame(0, Artisan::call($command, $with), Artisan::output());
        DB::disconnect();
        copy($this->database, $laid);
    }

    /** Empties the garden. The framework empties the file under whoever has it open, so nobody may. */
    protected function empties(): void
    {
        DB::disconnect();
        self::assertSame(0, Artisan::call('migrate:fresh', ['--force' => true]), Artisan::output());
    }

    protected function tearDown(): void
    {
        DB::disconnect();
        parent::tearDown();
        foreach (glob($this->database.'*') ?: [] as $file) {
            is_dir($file) ? (new Filesystem)->deleteDirectory($file) : unlink($file);
        }
    }

    private static function zone(): string
    {
        return self::ZONES[crc32(static::class) % count(self::ZONES)];
    }

    private static function folder(): string
    {
        if (self::$folder === null) {
            $files = new Filesystem;
            foreach (glob(sys_get_temp_dir().'/marrow-tests-*') ?: [] as $left) {
                $run = (int) substr($left, strlen(sys_get_temp_dir().'/marrow-tests-'));
                if ($run > 0 && ! posix_kill($run, 0)) {
                    $files->deleteDirectory($left);
                }
            }
            self::$folder = $folder = sys_get_temp_dir().'/marrow-tests-'.getmypid();
            $files->ensureDirectoryExists($folder, 0o700);
            register_shutdown_function(static fn (): bool => $files->deleteDirectory($folder));
        }

        return self::$folder;
    }
}
