<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class Backup extends Command
{
    protected $signature = 'marrow:backup {file : where the copy goes; it must not exist yet}';

    protected $description = 'Copy the whole garden into one file, while it is in use';

    public function handle(): int
    {
        $file = $this->argument('file');
        if (! is_string($file) || file_exists($file)) {
            $this->error('There is a file of that name already. It was not touched; give another name.');

            return self::FAILURE;
        }
        if (! is_dir(dirname($file)) || ! is_writable(dirname($file))) {
            $this->error('Nothing can be written in '.dirname($file).'.');

            return self::FAILURE;
        }
        DB::statement('VACUUM INTO ?', [$file]);
        $this->info("The garden is copied to $file.");

        return self::SUCCESS;
    }
}
