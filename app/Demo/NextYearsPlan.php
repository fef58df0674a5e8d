<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Acting;
use App\Models\Variety;
use App\Plans\PlanBook;

/** The plan of Keepers' Acre for the year after: with conflicts that want deciding before anything is sown. */
final readonly class NextYearsPlan
{
    public function __construct(private PlanBook $plans) {}

    /** @param  array<string, Variety>  $varieties  by name */
    public function draw(array $varieties, DemoWriter $write): void
    {
        $day = static fn (string $told): string => $write->moment($told)->format('Y-m-d');
        $plantings = [];
        foreach (self::plantings() as [$name, $x, $y, $width, $depth, $plants, $purpose, $sow, $more]) {
            $plantings[] = [
                'id' => 'plan-'.strtolower(str_replace(' ', '-', $name)),
                'crop' => $varieties[$name]->crop,
                'variety' => $varieties[$name]->id,
                'spot' => ['x' => $x, 'y' => $y, 'width' => $width, 'depth' => $depth],
                'plants' => $plants,
                'purpose' => $purpose,
                'sow' => $day($sow),
                ...(is_string($more['plant_out'] ?? null) ? [...$more, 'plant_out' => $day($more['plant_out'])] : $more),
            ];
        }
        $this->plans->start(2027, null, new Acting);
        $this->plans->save(2027, 1, [
            'ground' => ['width' => 30, 'depth' => 18, 'north' => 20, 'wind' => 225, 'last_frost' => $write->yearDay('04-20'), 'first_frost' => $write->yearDay('10-28')],
            'isolation' => ['standard' => 'home', 'climate' => 'temperate', 'allowed' => 0.02],
            'beds' => self::beds(),
            'barriers' => [
                ['id' => 'wall', 'name' => 'North wall', 'kind' => 'building', 'x1' => 0, 'y1' => -0.5, 'x2' => 30, 'y2' => -0.5],
                ['id' => 'thorn', 'name' => 'Thorn hedge', 'kind' => 'hedge', 'x1' => 34, 'y1' => -30, 'x2' => 34, 'y2' => 60],
            ],
            'sources' => [
                ['id' => 'east-squash', 'name' => 'Marrows on the east allotment', 'crop' => 'squash-pepo', 'x' => 170, 'y' => 8, 'width' => 4, 'depth' => 3, 'plants' => 8],
                ['id' => 'west-beet', 'name' => 'Whatever the south-west neighbour lets bolt: chard', 'crop' => 'chard', 'x' => -45, 'y' => 60, 'width' => 3, 'depth' => 1, 'plants' => 6],
                ['id' => 'shore', 'name' => 'Wild carrot along the sea wall', 'crop' => 'wild-carrot', 'x' => 10, 'y' => 260, 'width' => 60, 'depth' => 2, 'plants' => 300, 'first_bloom' => $day('2027-06-25'), 'last_bloom' => $day('2027-08-20')],
            ],
            'plantings' => $plantings,
        ], 'Drew the plan', new Acting);
    }

    /** @return list<array{string, float, float, float, float, int, string, string, array<string, mixed>}> */
    private static function plantings(): array
    {
        return [
            ['Bell Buoy', 21, 13.5, 3.6, 2.4, 5, 'seed', '2027-04-28', ['plant_out' => '2027-05-24', 'seeds_wanted' => 400]],
            ['Sounding Lead', 26, 13.5, 2.4, 2.4, 4, 'both', '2027-04-28', ['plant_out' => '2027-05-24']],
            ['Ballast', 21, 9.6, 3.6, 2.4, 4, 'seed', '2027-04-25', ['plant_out' => '2027-05-26']],
            ['Flare Gun', 1, 2, 2, 1, 6, 'seed', '2027-02-22', ['plant_out' => '2027-05-12']],
            ['Nightwatch', 3.6, 2, 2, 1, 6, 'seed', '2027-02-22', ['plant_out' => '2027-05-12']],
            ['Sluice Gate', 7, 2, 4, 1, 8, 'both', '2027-03-15', ['plant_out' => '2027-05-15']],
            ['Lightship', 12, 2, 4, 1, 8, 'seed', '2027-03-15', ['plant_out' => '2027-05-15']],
            ['Keel', 1, 6, 4, 1.2, 24, 'seed', '2026-06-08', ['lifted' => true]],
            ['Groyne', 6, 6, 4, 1.2, 20, 'seed', '2026-04-10', ['lifted' => false]],
            ['Capstan', 11, 6, 4, 1.2, 24, 'seed', '2026-03-10', ['lifted' => true]],
            ['Signal Red', 1, 9.6, 3, 1.2, 10, 'seed', '2026-05-20', []],
            ['Bollard', 5, 9.6, 3, 1.2, 12, 'seed', '2026-05-25', ['lifted' => true]],
            ['Breakwater', 9, 9.6, 3, 1.8, 8, 'seed', '2026-06-01', []],
            ['Quayside', 13, 9.6, 3, 1.8, 6, 'food', '2026-06-05', ['flowers' => true]],
            ['Coxswain', 1, 13.5, 5, 0.8, 80, 'seed', '2027-03-12', []],
            ['Tidewrack', 1, 15, 5, 0.8, 36, 'seed', '2027-02-28', []],
            ['Spindrift', 7, 13.5, 3, 0.8, 10, 'seed', '2027-03-26', []],
            ['Foghorn', 11, 13.5, 3, 0.8, 14, 'both', '2027-05-14', []],
            ['Copper Gull', 11, 15, 4, 2.4, 60, 'both', '2027-05-10', []],
        ];
    }

    /** @return list<array<string, string|float>> */
    private static function beds(): array
    {
        $beds = [];
        foreach ([
            ['Glasshouse', 0.5, 1.5, 5.6, 2.2], ['South bed', 6.6, 1.5, 10, 2.2], ['Long bed', 0.5, 5.5, 15.5, 2.2], ['Middle bed', 0.5, 9.2, 16, 2.6],
            ['Net row', 0.5, 13, 6, 3.4], ['Frame 2', 6.8, 13, 3.6, 1.8], ['Maize square', 10.8, 13, 5, 4.6], ['Heap', 20.5, 9, 8.6, 7.6],
        ] as [$name, $x, $y, $width, $depth]) {
            $beds[] = ['id' => 'bed-'.strtolower(str_replace(' ', '-', $name)), 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $width, 'depth' => $depth];
        }

        return $beds;
    }
}
