<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\BigGarden;
use App\Models\Garden;
use Illuminate\Console\Command;

final class GrowGarden extends Command
{
    protected $signature = 'marrow:big-garden {lots=4000} {entries=60000} {--line : all of one variety, each grown out of one of the year before}';

    protected $description = 'Fill an empty database with a generated garden, for the benchmark';

    public function handle(BigGarden $garden): int
    {
        if (Garden::query()->exists()) {
            $this->error('There is a garden in this database already. The generated one goes into an empty one only.');

            return self::FAILURE;
        }
        [$lots, $entries] = $garden->grow((int) $this->argument('lots'), (int) $this->argument('entries'), $this->option('line') === true);
        $this->info("$lots lots with $entries entries.");

        return self::SUCCESS;
    }
}
