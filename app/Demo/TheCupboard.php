<?php

declare(strict_types=1);

namespace App\Demo;

use App\Intake\ActBook;
use App\Intake\Sheet;
use App\Models\Acting;
use App\Models\Lot;
use App\Models\Place;

/** What lay in the cupboard before anybody wrote it down: bought, given, swapped and found, in tins, bags and a freezer box. */
final readonly class TheCupboard
{
    private const ACT = '6d617272-6f77-5000-8000-637570626f61';

    /** Crop, variety, year, amount, from whom, how, container, place, germination. */
    private const PACKETS = [
        ['Tomato', 'Quarterdeck', '2023', '35', 'Brine House', 'bought', 'envelope', 'Hall cupboard › Blue tin › Bag 1', '88 %'],
        ['Tomato', 'Red Right Hand', '2022', '20', 'Tove', 'given', 'envelope', 'Hall cupboard › Blue tin › Bag 1', ''],
        ['Tomato', 'Pennant F1', '2025', '8', 'Brine House', 'bought', 'foil pouch', 'Hall cupboard › Blue tin › Bag 1', '92 %'],
        ['Tomato', 'Dogwatch', '2019', '14', 'Swap in the net loft', 'swapped', 'envelope', 'Hall cupboard › Blue tin › Bag 1', ''],
        ['Pepper', 'Starboard', '2023', '25', 'Tove', 'given', 'envelope', 'Hall cupboard › Blue tin › Bag 1', ''],
        ['Aubergine', 'Bitts', '2022', '18', 'Brine House', 'bought', 'foil pouch', 'Hall cupboard › Blue tin › Bag 1', '80 %'],
        ['Cucumber', 'Bosun', '2024', '12', 'Swap in the net loft', 'swapped', 'envelope', 'Hall cupboard › Blue tin › Bag 1', ''],
        ['Lettuce', 'Foretop', '2024', '300', 'Tove', 'given', 'envelope', 'Hall cupboard › Blue tin › Bag 2', ''],
        ['Lettuce', 'Bilge', '2021', '200', 'Found behind the drawer', 'found', 'envelope', 'Hall cupboard › Blue tin › Bag 2', ''],
        ['Rocket', 'Wrack', '2023', '2 g', 'Brine House', 'bought', 'foil pouch', 'Hall cupboard › Blue tin › Bag 2', ''],
        ['Radish', 'Pebble Ridge', '2024', '5 g', 'Brine House', 'bought', 'foil pouch', 'Hall cupboard › Blue tin › Bag 2', '94 %'],
        ['Spinach', 'Mooring', '2022', '6 g', 'Old Ferry Seed', 'bought', 'foil pouch', 'Hall cupboard › Blue tin › Bag 2', ''],
        ['Chard', 'Port Light', '2023', '4 g', 'Tove', 'given', 'envelope', 'Hall cupboard › Blue tin › Bag 2', ''],
        ['Beetroot', 'Anchor Hole', '2022', '90', 'Old Ferry Seed', 'bought', 'foil pouch', 'Hall cupboard › Blue tin › Bag 2', ''],
        ['Kale', 'Spray', '2021', '150', 'Tove', 'given', 'envelope', 'Hall cupboard › Blue tin › Bag 3', ''],
        ['Cabbage', 'Stanchion F1', '2024', '30', 'Brine House', 'bought', 'foil pouch', 'Hall cupboard › Blue tin › Bag 3', '90 %'],
        ['Leek', 'Long Splice', '2025', '1.5 g', 'Swap in the net loft', 'swapped', 'envelope', 'Hall cupboard › Blue tin › Bag 3', ''],
        ['Onion', 'Gunwale', '2023', '2 g', 'Old Ferry Seed', 'bought', 'foil pouch', 'Hall cupboard › Blue tin › Bag 3', ''],
        ['Parsnip', 'Keelson', '2025', '3 g', 'Tove', 'given', 'envelope', 'Hall cupboard › Blue tin › Bag 3', ''],
        ['Carrot', 'Marline', '2024', '2 g', 'Brine House', 'bought', 'foil pouch', 'Hall cupboard › Blue tin › Bag 3', '85 %'],
        ['Celery', 'Eddy', '', 'some', 'Found behind the drawer', 'found', 'envelope', 'Hall cupboard › Blue tin › Bag 3', ''],
        ['Parsley', 'Green Water', '2023', '2 g', 'Tove', 'given', 'envelope', 'Hall cupboard › Blue tin › Bag 3', ''],
        ['Coriander', 'Half Tide', '2024', '20 g', 'Swap in the net loft', 'swapped', 'cloth bag', 'Hall cupboard › Green tin', ''],
        ['Dill', 'Stern Light', '2023', '5 g', 'Tove', 'given', 'envelope', 'Hall cupboard › Green tin', ''],
        ['Basil', 'Bell Rope', '2022', 'some', 'Brine House', 'bought', 'foil pouch', 'Hall cupboard › Green tin', ''],
        ['Borage', 'Blue Peter', '2024', '40', 'Odile', 'found', 'envelope', 'Hall cupboard › Green tin', ''],
        ['Sunflower', 'Lamp Black', '2023', '45', 'Swap in the net loft', 'swapped', 'envelope', 'Hall cupboard › Green tin', ''],
        ['Sweet pea', 'Tell-Tale', '2022', '30', 'Tove', 'given', 'envelope', 'Hall cupboard › Green tin', ''],
        ['Cornflower', 'Salt Pan', '2021', '3 g', 'Old Ferry Seed', 'bought', 'foil pouch', 'Hall cupboard › Green tin', ''],
        ['French bean', 'Davy', '2023', '60', 'Tove', 'given', 'jar', 'Hall cupboard › Bean box', ''],
        ['French bean', 'Lobster Pot', '2020', '24', 'Old Annick', 'given', 'envelope', 'Hall cupboard › Bean box', ''],
        ['French bean', '', '', '15', 'Found behind the drawer', 'found', 'envelope', 'Hall cupboard › Bean box', ''],
        ['Runner bean', 'Topmast', '2024', '40', 'Swap in the net loft', 'swapped', 'cloth bag', 'Hall cupboard › Bean box', ''],
        ['Broad bean', 'Ballast Stone', '2022', '50', 'Tove', 'given', 'cloth bag', 'Hall cupboard › Bean box', ''],
        ['Pea', 'Hawser', '2024', '120', 'Brine House', 'bought', 'envelope', 'Hall cupboard › Bean box', '90 %'],
        ['Pea', 'Old Quay', '2018', '18', 'Old Annick', 'given', 'envelope', 'Hall cupboard › Bean box', ''],
        ['Squash and courgette', 'Windlass', '2024', '22', 'Swap in the net loft', 'swapped', 'envelope', 'Hall cupboard › Bean box', ''],
        ['Winter squash (maxima)', 'Great Buoy', '2023', '16', 'Tove', 'given', 'envelope', 'Hall cupboard › Bean box', ''],
        ['Melon', 'Porthole F1', '2025', '6', 'Brine House', 'bought', 'foil pouch', 'Hall cupboard › Bean box', '91 %'],
        ['Maize', 'Fog Signal', '2022', '80', 'Old Ferry Seed', 'bought', 'cloth bag', 'Hall cupboard › Bean box', ''],
    ];

    /** What else is told of some, by variety and column. */
    private const MORE = [
        'Pennant F1' => ['treated' => 'yes', 'terms' => 'a protected variety'],
        'Lobster Pot' => ['note' => 'The last she had. Climbs to the gutter; pods striped.'],
        '' => ['note' => 'Brown with a pale eye.'],
        'Hawser' => ['treated' => 'yes'],
        'Old Quay' => ['note' => 'Nobody else grows it any more, she says.'],
    ];

    public function __construct(private ActBook $acts) {}

    public function fill(DemoWriter $write, Place $cupboard, Place $fridge, Place $freezer): void
    {
        $this->acts->keep(self::ACT, 'What was in the cupboard', new Sheet(self::lines($write)), new Acting);
        self::inTheFreezer($write, $cupboard, $freezer);
        // Some of the beans lie elsewhere, so that a mouse does not get them all.
        $beans = Lot::query()->with('variety')->whereHas('variety', static fn ($variety) => $variety->where('name', 'Davy'))->firstOrFail();
        $write->happen($beans, 'divided', '2026-09-14 10:00', ['seeds' => 20, 'container' => 'jar', 'place_id' => $fridge->id], 'Ines');
    }

    /** Measured before they went in; one jar was taken out this morning, and is not to be opened yet. */
    private static function inTheFreezer(DemoWriter $write, Place $cupboard, Place $freezer): void
    {
        $box = $write->container('Freezer box', 'box', $freezer, '2026-01-10 10:00');
        foreach ([['lettuce', 'Whitecap', 2025, 600], ['onion', 'Binnacle', 2025, 500], ['carrot', 'Leadline', 2024, 900]] as [$crop, $name, $year, $seeds]) {
            $lot = $write->receive($write->variety($crop, $name), '2026-01-10 11:00', ['how' => 'given', 'from' => 'Tove', 'year' => $write->harvest($year), 'seeds' => $seeds]);
            $write->happen($lot, 'jar_read', '2026-01-11 11:00', ['rh' => 28, 'temperature_c' => 19]);
            $write->happen($lot, 'stored', '2026-01-11 12:00', ['container' => 'jar', 'place_id' => $box->id]);
            if ($name === 'Binnacle') {
                $write->happen($lot, 'stored', '2026-09-14 09:35', ['container' => 'jar', 'place_id' => $cupboard->id], 'Ines');
            }
        }
    }

    /** @return list<array{id: string, cells: array<string, string>}> */
    private static function lines(DemoWriter $write): array
    {
        $lines = [];
        foreach (self::PACKETS as $i => $packet) {
            $told = array_combine(['crop', 'variety', 'year', 'amount', 'from', 'how', 'container', 'place', 'germinates'], $packet);
            $told['year'] = $told['year'] === '' ? '' : (string) $write->harvest((int) $told['year']);
            $lines[] = ['id' => (string) $i, 'cells' => [...$told, ...self::MORE[$packet[1]] ?? []]];
        }

        return $lines;
    }
}
