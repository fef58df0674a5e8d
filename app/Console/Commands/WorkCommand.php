<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Works\Worker;
use Illuminate\Console\Command;

final class WorkCommand extends Command
{
    protected $signature = 'marrow:work';

    protected $description = 'Work off what is left to be reckoned or was asked for and takes long, until it is told to end';

    public function handle(Worker $worker): int
    {
        if (! $worker->run()) {
            $this->error('Another worker is at work in this garden.');

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
