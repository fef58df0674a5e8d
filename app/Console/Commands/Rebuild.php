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
        $bar = $this->output->createProgressBar(100);
        $projector->rebuild(static fn (float $share) => $bar->setProgress((int) floor(100 * $share)));
        $bar->finish();
        $this->newLine();
        $plans->all();
        $this->info('Everything has been reckoned afresh from the journal and the plans.');

        return self::SUCCESS;
    }
}
