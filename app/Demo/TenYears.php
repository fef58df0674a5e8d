<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Lot;
use App\Models\Place;
use App\Models\Planting;
use App\Models\Variety;
use DateTimeImmutable;
use Marrow\Core\Botany\VarietyType;

/**
 * Ten years of four lines: a parsnip that three plants brought through a wet winter, a cross that became a variety, a bought hybrid
 * that is being made true, and runner beans that are mixed on purpose.
 */
final class TenYears
{
    private DemoWriter $write;

    private Place $freezer;

    private Place $cupboard;

    public function lay(DemoWriter $write, Place $cupboard, Place $freezer): void
    {
        [$this->write, $this->cupboard, $this->freezer] = [$write, $cupboard, $freezer];
        $this->parsnip();
        $this->cross();
        $this->hybrid();
        $this->beans();
    }

    /** Kept since 2016; in the winter of 2020 all but three roots rotted. */
    private function parsnip(): void
    {
        $parsnip = $this->write->variety('parsnip', 'Sandspit');
        $bought = $this->came($parsnip, '2016-02-20', 'Harbour Seeds', 2015, 300);
        $first = $this->kept($this->biennial($parsnip, $bought, 2016, 40, 300), '2017-08-20', 22, 2600, 'Odile');
        $this->write->happen($first, 'withdrawn', '2018-01-20 10:00', ['purpose' => 'gift', 'seeds' => 200, 'to' => 'Tove']);
        $second = $this->kept($this->biennial($parsnip, $first, 2019, 36, 400), '2020-08-16', 3, 310, 'Yusra');
        $this->write->note($second, '2020-08-16 12:00', 'All but three roots rotted in the wet winter.', 'Yusra');
        $third = $this->kept($this->biennial($parsnip, $second, 2021, 40, 310), '2022-08-18', 18, 500, 'Yusra');
        $fourth = $this->kept($this->biennial($parsnip, $third, 2023, 44, 500), '2024-08-21', 20, 2100, 'Odile');
        $this->write->happen($first, 'jar_read', '2018-01-31 09:00', ['rh' => 27, 'temperature_c' => 18], 'Odile');
        $this->write->store($first, '2018-02-01 10:00', $this->freezer, 'foil_pouch', null, 2000);
        $this->up($first, '2026-02-10', 50, 31);
        $this->up($fourth, '2026-02-11', 50, 44);
    }

    /** Two tomatoes, crossed in 2018 for an early yellow one; released in 2025. */
    private function cross(): void
    {
        $red = $this->write->variety('tomato', 'Cork Float');
        $yellow = $this->write->variety('tomato', 'Amber Beacon');
        $mothers = $this->write->sow($red, '2018-03-20', 6, 'Glasshouse, left', by: 'Ines', lot: $this->came($red, '2018-02-11', 'Odile', 2016, 40), seeds: 40);
        $fathers = $this->write->sow($yellow, '2018-03-20', 6, 'Glasshouse, right', by: 'Ines', lot: $this->came($yellow, '2018-02-11', 'Tove', 2017, 40), seeds: 40);
        $this->write->see($mothers, 'hand_pollinated', '2018-06-14 08:00', ['flowers' => 3, 'mother' => '2', 'fathers' => '1, 4', 'tie' => 'yellow wool', 'pollen' => $fathers->id], 'Ines');
        $f1 = $this->write->cross($mothers, '2018-08-30 10:00', ['name' => 'Riding Light', 'pollen' => $fathers->id, 'plants' => 1, 'mother' => '2', 'fathers' => '1, 4', 'fruits' => 3, 'mass_g' => 260], 'Ines');
        $this->clean($f1, '2018-08-30', 120);
        $this->write->happen($f1, 'trait_named', '2018-09-04 19:00', ['trait' => 'Colour of the fruit', 'wanted' => 'yellow', 'other' => 'red', 'dominance' => 'recessive', 'shows' => 'fruit'], 'Ines');
        $this->write->happen($f1, 'trait_named', '2018-09-04 19:05', ['trait' => 'Leaf', 'wanted' => 'broad, as of a potato', 'other' => 'cut', 'dominance' => 'recessive', 'shows' => 'plant'], 'Ines');
        $line = $f1->variety;
        $f2 = $this->tomatoes($line, $f1, 2019, 6, 120, '', 4, 400);
        $f3 = $this->tomatoes($line, $f2, 2020, 48, 240, '17', 1, 90);
        $other = $this->tomatoes($line, $f2, 2021, 24, 160, '5', 1, 90);
        $f4 = $this->tomatoes($line, $f3, 2021, 20, 90, '3', 1, 90);
        $this->write->happen($other, 'withdrawn', '2022-02-20 10:00', ['purpose' => 'gift', 'seeds' => 90, 'to' => 'Tove']);
        $f5 = $this->tomatoes($line, $f4, 2022, 16, 90, '8', 1, 90);
        $f6 = $this->tomatoes($line, $f5, 2023, 16, 90, '', 6, 120);
        $seventh = $this->write->sow($line, '2024-03-20', 64, 'South bed', by: 'Ines', lot: $f6, seeds: 120);
        $this->write->see($seventh, 'neighbours_seen', '2024-06-10 09:00', ['within_m' => 40, 'nearest_m' => 25], 'Ines');
        $this->write->see($seventh, 'off_types_seen', '2024-08-12 10:00', ['seen' => 64, 'off' => 0, 'how' => ''], 'Ines');
        $f7 = $this->write->pick($seventh, '2024-08-26 10:00', 30, 60, 4200, 'Ines');
        $this->clean($f7, '2024-08-26', 1400);
        $this->up($f7, '2025-01-20', 25, 24);
        $this->write->happen($f7, 'line_released', '2025-02-02 20:00', ['name' => 'Night Ferry'], 'Ines');
        $f7 = Lot::query()->with('variety')->findOrFail($f7->id);
        $own = $this->tomatoes($f7->variety, $f7, 2025, 12, 40, '', 8, 900);
        $this->up($own, '2026-02-15', 25, 23);
    }

    /** A squash bought as a hybrid: its seed of 2024 was of many kinds, and one was worth a line. */
    private function hybrid(): void
    {
        $bought = $this->write->variety('squash-pepo', 'Harbour Queen', VarietyType::Hybrid);
        $f1 = $this->came($bought, '2023-03-02', 'Quay market', 2022, 12);
        $f2 = $this->tied($this->write->sow($bought, '2023-05-14', 4, 'Heap', by: 'Marek', lot: $f1, seeds: 6), '2023-09-28', '1', 220);
        $this->up($f2, '2026-02-01', 20, 17);
        $this->write->happen($f2, 'line_begun', '2024-02-01 20:00', ['name' => 'Slip Rope'], 'Marek');
        $f2 = Lot::query()->with('variety')->findOrFail($f2->id);
        $f3 = $this->tied($this->write->sow($f2->variety, '2024-05-12', 14, 'Long bed', by: 'Marek', lot: $f2, seeds: 60), '2024-10-02', '9', 180);
        $this->up($f3, '2025-02-10', 20, 19);
    }

    /** Runner beans of three gardens and then a fourth, mixed on purpose and chosen by what is left standing. */
    private function beans(): void
    {
        $mixed = $this->write->variety('runner-bean', 'All Hands', VarietyType::Landrace, note: 'Mixed on purpose; kept from whatever bears in wind and drought.');
        $tove = $this->came($mixed, '2017-03-01', 'Tove', 2016, 60);
        $odile = $this->came($mixed, '2017-03-01', 'the village seed table', 2016, 60);
        $first = $this->write->pour($mixed, '2017-04-20 10:00', ['lot' => $tove->id, 'other' => $odile->id, 'seeds' => 60, 'other_seeds' => 60]);
        $this->write->store($first, '2017-04-20 10:30', $this->cupboard, 'cloth_bag', null, 120);
        $grown = $this->beansOf($mixed, $first, 2017, 120, 48, 80);
        $grown = $this->beansOf($mixed, $grown, 2019, 80, 40, 120);
        $new = $this->came($mixed, '2021-03-10', 'a keeper of the estuary', 2020, 40);
        $both = $this->write->pour($mixed, '2021-04-18 10:00', ['lot' => $grown->id, 'other' => $new->id, 'other_seeds' => 40, 'seeds' => 120]);
        $this->write->store($both, '2021-04-18 10:30', $this->cupboard, 'cloth_bag', null, 160);
        $grown = $this->beansOf($mixed, $both, 2021, 160, 60, 90);
        $last = $this->beansOf($mixed, $grown, 2023, 90, 44, 420);
        $this->up($last, '2026-03-01', 20, 19);
    }

    private function up(Lot $lot, string $on, int $seeds, int $up): void
    {
        $this->write->happen($lot, 'test_result', "$on 18:00", ['test' => "L$lot->number $on", 'seeds' => $seeds, 'up' => $up, 'method' => 'damp_towel'], 'Ines');
    }

    private function came(Variety $variety, string $on, string $from, int $year, int $seeds): Lot
    {
        $lot = $this->write->receive($variety, "$on 12:00", ['how' => 'given', 'from' => $from, 'year' => $this->write->harvest($year), 'seeds' => $seeds]);
        $this->write->store($lot, "$on 13:00", $this->cupboard, 'paper_envelope', null);

        return $lot;
    }

    /** Sown in spring; its roots seed the year after. */
    private function biennial(Variety $variety, Lot $from, int $year, int $plants, int $seeds): Planting
    {
        return $this->write->sow($variety, "$year-04-06", $plants, 'Long bed', by: 'Yusra', lot: $from, seeds: $seeds);
    }

    private function kept(Planting $planting, string $on, int $gave, int $seeds, string $by): Lot
    {
        $lot = $this->write->pick($planting, "$on 10:00", $gave, $gave * 4, $gave * 40.0, $by);
        $this->write->happen($lot, 'threshed', "$on 15:00", ['mass_g' => $gave * 20], $by);
        $this->write->happen($lot, 'winnowed', "$on 16:00", ['mass_g' => $gave * 12], $by);
        $this->write->store($lot, (int) substr($on, 0, 4).'-10-05 10:00', $this->cupboard, 'paper_envelope', null, $seeds);

        return $lot;
    }

    /** @param  int  $gave  plants that seed was picked off; of one, its mark is the mother's */
    private function tomatoes(Variety $variety, Lot $from, int $year, int $plants, int $seeds, string $mother, int $gave, int $had): Lot
    {
        $lot = $this->write->pick($this->write->sow($variety, "$year-03-20", $plants, 'South bed', by: 'Ines', lot: $from, seeds: $seeds), "$year-08-28 10:00", $gave, $gave * 4, $gave * 300.0, 'Ines', mother: $mother);
        $this->clean($lot, "$year-08-28", $had);

        return $lot;
    }

    private function clean(Lot $lot, string $on, int $seeds): void
    {
        $this->write->happen($lot, 'rinsed', "$on 14:00", ['water' => 'clear']);
        $this->write->store($lot, (new DateTimeImmutable($on))->modify('+20 days')->format('Y-m-d 10:00'), $this->cupboard, 'paper_envelope', null, $seeds);
    }

    private function tied(Planting $planting, string $on, string $mother, int $seeds): Lot
    {
        $this->write->see($planting, 'hand_pollinated', substr($on, 0, 4).'-07-10 06:00', ['flowers' => 2, 'mother' => $mother, 'fathers' => $mother, 'tie' => 'tape'], 'Marek');
        $lot = $this->write->pick($planting, "$on 10:00", 1, 1, 2400, 'Marek', true, $mother);
        $this->clean($lot, substr($on, 0, 4).'-10-12', $seeds);

        return $lot;
    }

    private function beansOf(Variety $variety, Lot $from, int $year, int $plants, int $gave, int $seeds): Lot
    {
        $lot = $this->write->pick($this->write->sow($variety, "$year-05-12", $plants, 'East fence', by: 'Marek', lot: $from, seeds: $plants), "$year-10-02 10:00", $gave, $gave * 6, $gave * 30.0, 'Marek');
        $this->write->happen($lot, 'threshed', "$year-10-20 15:00", ['mass_g' => $gave * 14], 'Marek');
        $this->write->happen($lot, 'winnowed', "$year-10-20 16:00", ['mass_g' => $gave * 12], 'Marek');
        $this->write->store($lot, "$year-11-05 10:00", $this->cupboard, 'cloth_bag', null, $seeds);

        return $lot;
    }
}
