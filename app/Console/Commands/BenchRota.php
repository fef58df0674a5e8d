<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\RotaGardens;
use App\Rota\Cbc;
use Illuminate\Console\Command;
use Marrow\Core\Rota\RotaSearch;

final class BenchRota extends Command
{
    protected $signature = 'marrow:bench-rota {--gardens=3 : of each size}';

    protected $description = 'Print how near to the best the rota comes, and how long that takes';

    public function handle(): int
    {
        $this->line(sprintf('%-44s %10s %10s %10s', 'the rota', 'cost', 'gap, %', 'seconds'));
        foreach ([[30, 6, 10.0], [200, 10, 60.0]] as [$lines, $years, $seconds]) {
            foreach (['' => false, ', with a solver beside' => true] as $with => $isBeside) {
                $solver = $isBeside ? Cbc::installed() : null;
                if ($isBeside && $solver === null) {
                    continue;
                }
                for ($garden = 1; $garden <= max(1, (int) $this->option('gardens')); $garden++) {
                    $begun = microtime(true);
                    $found = RotaSearch::best(RotaGardens::of($lines, $years, $garden), static fn (): bool => microtime(true) - $begun < $seconds, solver: $solver);
                    if ($found !== null) {
                        $this->line(sprintf('%-44s %10.4f %10.3f %10.1f', "$lines lines over $years years$with", $found->rota->cost(), 100 * $found->gap(), microtime(true) - $begun));
                    }
                }
            }
        }

        return self::SUCCESS;
    }
}
