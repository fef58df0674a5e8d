<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Clock;
use App\Garden\Settings;
use App\Instruments\StandIns\StandIns;
use Illuminate\Console\Command;

/** Instruments for those who have none: what they tell is made up. */
final class StandInsCommand extends Command
{
    protected $signature = 'marrow:stand-ins {--seed=29} {--scale=4701 : port of the scale, on 127.0.0.1} {--web=4702 : port of the loggers and the weather} {--fault= : silent, half, moving, unit, nonsense, ahead or slow}';

    protected $description = 'Stand in for a scale, two loggers and a weather station';

    public function handle(Clock $clock, Settings $settings): int
    {
        $number = fn (string $option): int => max(0, min(65535, is_numeric($this->option($option)) ? (int) $this->option($option) : 0));
        $fault = is_string($this->option('fault')) ? $this->option('fault') : '';
        if (! in_array($fault, StandIns::FAULTS, true)) {
            $this->error('There is no such fault.');

            return self::FAILURE;
        }
        (new StandIns($number('seed'), $fault, $clock, fn (string $line) => $this->line($line), $settings->practice()->year->shift->turn))->listen($number('scale'), $number('web'));

        return self::SUCCESS;
    }
}
