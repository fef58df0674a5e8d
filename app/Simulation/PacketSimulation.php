<?php

declare(strict_types=1);

namespace App\Simulation;

use Marrow\Core\Botany\CropReference;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Sowing\SeedsNeeded;
use Marrow\Core\Storage\LotPace;
use Marrow\Core\Storage\PacketPlan;
use Marrow\Core\Storage\ViabilityConstants;

/** Keepers who part a lot into packets for years to come, by one test, and sow each in its year: are there plants enough? */
final readonly class PacketSimulation
{
    private const CROPS = ['onion', 'lettuce', 'tomato', 'radish', 'carrot', 'pepper'];

    private const YEARS = [0, 2, 4, 6];

    private const TESTED = 50;

    /** A packet of more than so many is not made: the seed is past packing. */
    private const MOST = 5000;

    public function __construct(private CropReference $crops) {}

    /** @return list<array{string, float}> whose packet, and the share of sowings that gave as many plants as were wanted */
    public function run(Dice $dice, int $packets): array
    {
        $rows = [];
        foreach (self::YEARS as $year) {
            $enough = $made = 0;
            for ($n = 0; $n < $packets; $n++) {
                $was = $this->packet($dice, $year);
                $made += (int) ($was !== null);
                $enough += (int) ($was === true);
            }
            $rows[] = [sprintf('a packet for %s, by a test of %d', $year === 0 ? 'this year' : "year $year", self::TESTED), $enough / max(1, $made)];
        }

        return $rows;
    }

    /** @return ?bool whether there were plants enough; null when no packet can be made for so late a year */
    private function packet(Dice $dice, int $year): ?bool
    {
        $crop = $this->crops->get($dice->one(self::CROPS));
        $constants = $crop->viability();
        $spread = $constants->basis->spreadOfLog();
        $cupboard = $crop->balance->moisture(0.50, 20.0);
        [$moisture, $temperature] = [max(3.0, $crop->balance->moisture($dice->between(0.20, 0.50), 20.0)), $dice->between(5.0, 20.0)];
        $lot = new TrueLot(
            $dice->normal(1.6448536, 0.33),
            $constants->sigma($cupboard, 20.0),
            $cupboard,
            exp($dice->normal(0.0, $spread)),
            $constants->awayFromCupboard(1.0) === 0.0 ? $constants->cw : $dice->normal($constants->cw, ViabilityConstants::CW_SPREAD),
            [$constants->ch, $constants->cq],
        );
        $up = $dice->ofSeeds(self::TESTED, $lot->after(0.0, $moisture, $temperature));
        $plants = $dice->one([6, 12, 24]);
        try {
            $shares = PacketPlan::ageing($constants, $moisture, $temperature, LotPace::tested([[0.0, $up, self::TESTED]], ViabilityConstants::FRESH, 0.0, $spread));
            $seeds = SeedsNeeded::fromShares($plants, $shares($year));
        } catch (InvalidFigure) {
            return null;
        }

        return $seeds > self::MOST ? null : $dice->ofSeeds($seeds, $lot->after($year * 365.25, $moisture, $temperature)) >= $plants;
    }
}
