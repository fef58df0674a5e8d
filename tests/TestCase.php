<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** Each test has a garden of its own in a real SQLite file, copied from one that was migrated once. */
abstract class TestCase extends BaseTestCase
{
    private static ?string $template = null;

    protected string $database;

    public function createApplication(): Application
    {
        $this->database = tempnam(sys_get_temp_dir(), 'marrow-test-').'.sqlite';
        if (self::$template !== null) {
            copy(self::$template, $this->database);
        } else {
            touch($this->database);
        }
        putenv("DB_DATABASE=$this->database");
        $_ENV['DB_DATABASE'] = $_SERVER['DB_DATABASE'] = $this->database;
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        if (self::$template === null) {
            Artisan::call('migrate', ['--force' => true]);
            DB::disconnect();
            self::$template = tempnam(sys_get_temp_dir(), 'marrow-template-').'.sqlite';
            copy($this->database, self::$template);
        }

        return $app;
    }

    protected function tearDown(): void
    {
        DB::disconnect();
        parent::tearDown();
        foreach (glob($this->database.'*') ?: [] as $file) {
            unlink($file);
        }
    }
}
