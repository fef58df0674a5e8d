<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Plans\PlansAfresh;
use App\Projection\Projector;
use Illuminate\Console\Command;

final class Rebuild extends Command
{
    protected $signature = 'marrow:rebuild';

    protected $description = 'Reckon every list and every due task afresh from the journal and the plans';

    public function handle(Projector $projector, PlansAfresh $plans): int
    {
        $projector->rebuild();
        $plans->all();
        $this->info('Everything has been reckoned afresh from the journal and the plans.');

        return self::SUCCESS;
    }
}
