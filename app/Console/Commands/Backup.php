<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Copies\Copies;
use App\Copies\CopyFailed;
use Illuminate\Console\Command;

final class Backup extends Command
{
    protected $signature = 'marrow:backup {file : where the copy goes; it must not exist yet}';

    protected $description = 'Copy the whole garden into one file, while it is in use, and check the copy';

    public function handle(Copies $copies): int
    {
        $file = $this->argument('file');
        try {
            $copy = $copies->take(is_string($file) ? $file : '');
        } catch (CopyFailed $failed) {
            $this->error($failed->getMessage());

            return self::FAILURE;
        }
        $this->info("The garden is copied to $copy->file: $copy->entries entries, $copy->lots lots, checked.");

        return self::SUCCESS;
    }
}
