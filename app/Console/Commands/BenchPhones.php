<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\OnThisMachine;
use App\Bench\Phones;
use Illuminate\Console\Command;

/** How a garden answers while everybody has their phone in hand at once. */
final class BenchPhones extends Command
{
    protected $signature = 'marrow:bench-phones {url : address of a server on this machine, of this garden, to be thrown away} {--reading=200} {--writing=8} {--rounds=1}';

    protected $description = 'Print how long signed-in phones wait that all ask at once; fails where one is not answered';

    public function handle(): int
    {
        $url = OnThisMachine::address($this->argument('url'));
        if ($url === null) {
            $this->error('Only a server on this machine is measured.');

            return self::FAILURE;
        }
        [$reading, $writing, $rounds] = array_map(fn (string $of): int => max(1, min(1000, (int) $this->option($of))), ['reading', 'writing', 'rounds']);
        $since = hrtime(true);
        $waits = Phones::at($url, $reading, $writing, $rounds);
        $seconds = (hrtime(true) - $since) / 1e9;
        $this->line(sprintf('%d phones reading, %d writing, all at once, without a pause: %d answers in %.0f s', $reading, $writing, count($waits['reading']) + count($waits['writing']), $seconds));
        foreach (['reading', 'writing'] as $of) {
            $times = $waits[$of];
            $this->line(sprintf('%-28s %10.0f %10.0f %10.0f   (ms: median, 95th, longest)', $of, $times[intdiv(count($times), 2)], $times[(int) floor(0.95 * (count($times) - 1))], $times[count($times) - 1]));
        }
        foreach (array_slice(array_unique($waits['faults']), 0, 20) as $fault) {
            $this->error($fault);
        }

        return $waits['faults'] === [] ? self::SUCCESS : self::FAILURE;
    }
}
