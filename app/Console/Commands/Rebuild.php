<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Projection\Projector;
use Illuminate\Console\Command;

final class Rebuild extends Command
{
    protected $signature = 'marrow:rebuild';

    protected $description = 'Reckon every list and every due task afresh from the journal';

    public function handle(Projector $projector): int
    {
        $projector->rebuild();
        $this->info('Everything has been reckoned afresh from the journal.');

        return self::SUCCESS;
    }
}
