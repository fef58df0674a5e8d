<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Printing\StandInPrinter;
use Illuminate\Console\Command;

/** A label printer for those who have none: it shows what it would have printed. */
final class LabelPrinterCommand extends Command
{
    protected $signature = 'marrow:label-printer {--port=9100 : on 127.0.0.1} {--folder= : where the pictures go} {--jobs=0 : stop after so many}';

    protected $description = 'Stand in for a label printer: draw what is sent to it as pictures';

    public function handle(): int
    {
        $folder = $this->option('folder');
        (new StandInPrinter(is_string($folder) && $folder !== '' ? $folder : storage_path('app/label-printer'), fn (string $line) => $this->line($line)))
            ->listen(max(0, min(65535, (int) $this->option('port'))), max(0, (int) $this->option('jobs')));

        return self::SUCCESS;
    }
}
