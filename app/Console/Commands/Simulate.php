<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Simulation\CountSimulation;
use App\Simulation\CrossingSimulation;
use App\Simulation\DampnessSimulation;
use App\Simulation\Dice;
use App\Simulation\DryingSimulation;
use App\Simulation\PacketSimulation;
use App\Simulation\RotaSimulation;
use App\Simulation\StopSimulation;
use App\Simulation\StorageSimulation;
use App\Simulation\Year\YearTable;
use Illuminate\Console\Command;

/** Whether what Marrow says of seed is as sure as it says: on made-up keepers whose seed we know. */
final class Simulate extends Command
{
    protected $signature = 'marrow:simulate {what : storage, drying, crossing, germination, sowing, year or rota} {--seed=1 : the same seed gives the same keepers} {--by-crop : of storage, with the model right, crop by crop} {--size=60 : of each kind; hundreds of times as many for counts} {--step=1 : of a year, days from one look at Today to the next}';

    protected $description = 'Print how often the truth lies where Marrow says, for made-up keepers whose seed is known';

    public function handle(StorageSimulation $storage, DryingSimulation $drying, DampnessSimulation $dampness, PacketSimulation $packets): int
    {
        $dice = new Dice((int) $this->option('seed'));
        $size = max(1, min(5000, (int) $this->option('size')));

        return match ($this->argument('what')) {
            'storage' => $this->option('by-crop')
                ? $this->tell(['crop', 'pace', 'what was known', 'in the 90 % band', 'above it', 'below it'], $storage->byCrop($dice, $size))
                : $this->tell(['what is wrong', 'pace', 'what was known', 'in the 90 % band', 'above it', 'below it'], $storage->run($dice, $size)),
            'drying' => $this->tell(['what was read', 'hands are', 'damp lots called dry', 'dry lots called dry', 'mouldy lots called dry enough for paper'], $dampness->run($dice, $size))
                + $this->tell(['what is wrong', 'balance with air', 'moisture within a point', 'called dry that is', 'dry that is called so', 'courses read', 'time left within a third'], $drying->run($dice, $size)),
            'crossing' => $this->tell(['what is wrong', 'known', 'in the 90 % band', 'above it', 'below it'], CrossingSimulation::run($dice, 20 * $size)),
            'germination' => $this->tell(['tested', 'in the 95 % interval'], CountSimulation::germination($dice, 100 * $size))
                + $this->tell(['seed comes', 'tested', 'early verdict was the last', 'clear ones settled before two thirds of the days'], StopSimulation::run($dice, 5 * $size)),
            'sowing' => $this->tell(['known', 'as many plants as wanted, or more (95 % meant)'], [...CountSimulation::sowing($dice, 50 * $size), ...$packets->run($dice, 5 * $size)]),
            'year' => $this->tell(YearTable::HEAD, YearTable::of((int) $this->option('seed'), max(1, min(30, (int) $this->option('step'))))),
            'rota' => $this->tell(['lines are grown', 'lines there after twenty years', 'gardens that lost none', 'work a year', 'growings a year'], RotaSimulation::run($dice, max(1, intdiv($size, 3)))),
            default => $this->unknown(),
        };
    }

    /**
     * @param  list<string>  $head
     * @param  list<non-empty-list<string|float>>  $rows
     */
    private function tell(array $head, array $rows): int
    {
        $this->table($head, array_map(
            static fn (array $row): array => array_map(static fn (string|float $cell): string => is_float($cell) ? sprintf('%.1f %%', 100 * $cell) : $cell, $row),
            $rows,
        ));

        return self::SUCCESS;
    }

    private function unknown(): int
    {
        $this->error('There is no such simulation: storage, drying, crossing, germination, sowing, year or rota.');

        return self::FAILURE;
    }
}
