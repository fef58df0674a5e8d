<?php

declare(strict_types=1);

namespace App\Demo;

use App\Keeping\Role;
use App\Models\Acting;
use App\Models\Garden;
use App\Models\Keeper;
use App\Models\Lot;
use App\Models\Place;
use App\Models\Variety;
use Marrow\Core\Botany\VarietyType;

/**
 * Keepers' Acre: a made-up garden behind a disused lighthouse, as it stands on 14 September 2026 at 10:00, when
 * everything is going on at once. No person, place, variety or figure in it is real.
 */
final class KeepersAcre
{
    /** @var array<string, Variety> */
    private array $varieties = [];

    private Place $cupboard;

    private Place $fridge;

    private Place $freezer;

    /** The squash that turns out to be crossed. */
    private Lot $crossed;

    public function __construct(private readonly DemoWriter $write, private readonly NextYearsPlan $nextYear, private readonly TheCupboard $inTheCupboard, private readonly InPackets $inPackets, private readonly MadeUpInstruments $instruments, private readonly WaysToDry $waysToDry, private readonly WaysToTest $waysToTest, private readonly ChosenKale $chosenKale, private readonly OnTheShelf $onTheShelf, private readonly RootsInSand $rootsInSand, private readonly TenYears $tenYears, private readonly OverTheYears $overTheYears) {}

    public function lay(): void
    {
        Garden::query()->create(['name' => "Keepers' Acre"]);
        $this->cupboard = $this->write->place('Hall cupboard', 18, 50);
        $this->fridge = $this->write->place('Old fridge', 5, 60);
        $this->freezer = $this->write->place('Chest freezer', -18, 65);
        $this->varieties();
        $this->olderLots();
        $this->lastYear();
        $this->onTheRacks();
        $this->onTheBench();
        $this->stillGrowing();
        $this->inTheCupboard->fill($this->write, $this->cupboard, $this->fridge, $this->freezer);
        $this->inPackets->give($this->write);
        $this->inPackets->part($this->write, $this->fridge, $this->cupboard);
        $this->nextYear->draw($this->varieties, $this->write);
        $this->soaking();
        $this->finishing();
        $this->halfWinnowed();
        $this->instruments->hang($this->cupboard, $this->fridge, $this->write->turn);
        $this->waysToDry->lay($this->write, $this->instruments, $this->varieties);
        $this->waysToTest->lay($this->write, $this->cupboard);
        $this->onTheShelf->lay($this->write, $this->varieties['Ballast'], $this->cupboard);
        $this->tenYears->lay($this->write, $this->cupboard, $this->freezer);
        $this->keepers();
        $this->overTheYears->wish($this->write->turn->isTurned() ? 2026 : 2027, new Acting(''));
    }

    /** A squash that was bought to be eaten: nobody knows what it stood beside. */
    private function soaking(): void
    {
        $squash = $this->write->receive($this->varieties['Ballast'], '2026-09-12 11:00', ['how' => 'bought', 'from' => 'Quay market', 'mass_g' => 3200, 'uncleaned' => true]);
        $this->write->happen($squash, 'fruit_opened', '2026-09-13 21:40', ['how' => 'scooped', 'fruits' => 1, 'look' => 'plump', 'bitter' => 0], 'Marek');
        $this->write->happen($squash, 'soaked', '2026-09-13 22:00', ['temperature_c' => 19, 'vessel' => $this->write->vessel('White bucket', 'bucket')->id, 'tag' => true], 'Marek');
    }

    /** Kale over two screens: the light seed is kept by itself, to be tried against the rest. */
    private function halfWinnowed(): void
    {
        $kale = $this->write->pick($this->write->sow($this->varieties['Breakwater'], '2025-06-04', 24, 'North wall', by: 'Marek'), '2026-07-30 15:00', 18, 2600, 1900, 'Marek');
        $bowl = $this->write->vessel('Blue bowl', 'bowl');
        $this->write->happen($kale, 'threshed', '2026-09-12 10:00', ['mass_g' => 640, 'how' => 'feet', 'tag' => true], 'Marek');
        $this->write->happen($kale, 'winnowed', '2026-09-13 11:00', ['mass_g' => 402, 'how' => 'screens', 'light_g' => 31, 'chaff_g' => 196, 'vessel' => $bowl->id, 'tag' => true], 'Marek');
        $this->write->apart($kale, '2026-09-13 11:10', ['part' => 'light'], 'Marek');
    }

    /** Cut before the gales, the one hung up, the other in bags. */
    private function finishing(): void
    {
        $spinach = $this->write->sow($this->varieties['Lantern Room'], '2026-03-20', 40, 'Frame 3', by: 'Yusra');
        $this->write->see($spinach, 'first_bloom', '2026-06-02 10:00', [], 'Yusra');
        $this->write->cut($spinach, '2026-09-06 16:00', ['plants' => 22, 'part' => 'plants', 'kept' => 'hung', 'where' => 'boat loft'], 'Yusra');
        $sunflower = $this->write->sow($this->varieties['Marker Post'], '2026-05-02', 7, 'Long bed, end', by: 'Marek');
        $this->write->see($sunflower, 'first_bloom', '2026-07-30 10:00', [], 'Marek');
        $heads = $this->write->cut($sunflower, '2026-09-09 11:00', ['plants' => 5, 'part' => 'heads', 'kept' => 'bag', 'where' => 'porch'], 'Marek');
        $this->write->happen($heads, 'turned', '2026-09-12 18:00', ['caught_g' => 6], 'Marek');
    }

    /** Nobody signs in here: whoever looks at it is the first of the four. */
    private function keepers(): void
    {
        foreach (['Ines' => Role::Owner, 'Odile' => Role::Keeper, 'Marek' => Role::Helper, 'Yusra' => Role::Reader] as $name => $role) {
            Keeper::query()->whereKey(Keeper::named($name))->update(['role' => $role->value]);
        }
    }

    private function varieties(): void
    {
        foreach ([
            ['leek', 'Estuary Blue'], ['broad-bean', 'Tidewrack'], ['tomato', 'Sluice Gate'], ['tomato', 'Pilot Cutter'],
            ['squash-pepo', 'Bell Buoy'], ['squash-pepo', 'Sounding Lead'], ['cucumber', 'Dory'], ['pepper', 'Flare Gun'],
            ['pepper', 'Nightwatch'], ['lettuce', 'Spindrift'], ['carrot', 'Keel'], ['parsnip', 'Groyne'], ['onion', 'Capstan'],
            ['pea', 'Coxswain'], ['runner-bean', 'Foghorn'], ['spinach', 'Lantern Room'], ['maize', 'Copper Gull'], ['tomatillo', 'Harbour Lamp'],
            ['chard', 'Signal Red'], ['beetroot', 'Bollard'], ['kale', 'Breakwater'], ['cabbage', 'Quayside'], ['squash-moschata', 'Ballast'],
            ['melon', 'Cuttle'], ['coriander', 'Slack Water'], ['sunflower', 'Marker Post'], ['amaranth', 'Ebb Tide'],
        ] as [$crop, $name]) {
            $this->varieties[$name] = $this->write->variety($crop, $name);
        }
        $this->varieties['Lightship'] = $this->write->variety(
            'tomato',
            'Lightship',
            VarietyType::Stabilising,
            'F4',
            'From a bought hybrid; selected every year for early fruit and a firm skin.',
        );
    }

    /** Lots that have been in store for years. */
    private function olderLots(): void
    {
        $onion = $this->write->pick($this->write->sow($this->varieties['Capstan'], '2023-03-12', 60, 'North wall', by: 'Odile'), '2024-08-24 11:00', 24, 24, 310, 'Odile');
        $this->write->happen($onion, 'threshed', '2024-09-20 15:00', ['mass_g' => 96]);
        $this->write->happen($onion, 'winnowed', '2024-09-20 16:30', ['mass_g' => 71.5]);
        $this->write->happen($onion, 'spread', '2024-09-21 09:00', ['surface' => 'mesh', 'mass_g' => 71.5]);
        $this->write->weigh($onion, ['2024-09-25 09:00' => 70.1, '2024-09-29 09:00' => 69.9]);
        $this->write->store($onion, '2024-10-02 19:00', $this->cupboard, 'paper_envelope', 69.9);
        $this->write->test($onion, '2025-02-10', 4, 50, 18, [6 => [31, 29, 33, 30], 9 => [11, 12, 10, 12], 12 => [2, 3, 1, 2]], true, 'rolled_cloth');
        $this->write->happen($onion, 'withdrawn', '2025-03-01 10:00', ['purpose' => 'gift', 'mass_g' => 12, 'to' => 'the village seed table']);
        $this->write->test($onion, '2026-02-08', 4, 50, 18, [6 => [9, 12, 8, 11], 9 => [16, 15, 18, 14], 12 => [9, 10, 8, 9]], true, 'rolled_cloth');
        $this->write->note($onion, '2026-02-20 20:00', 'Slower and fewer than last year. Grow it out before it is gone.', 'Odile');

        $tomato = $this->write->pick($this->write->sow($this->varieties['Sluice Gate'], '2024-03-20', 12, 'Glasshouse, left', by: 'Ines'), '2024-08-30 10:00', 6, 22, 2400, 'Ines');
        $this->write->happen($tomato, 'ferment_started', '2024-08-30 14:00', ['temperature_c' => 22, 'cover' => 'cloth']);
        $this->write->happen($tomato, 'poured_off', '2024-09-02 09:00', ['passes' => 4, 'sprouted' => false]);
        $this->write->happen($tomato, 'rinsed', '2024-09-02 09:20', ['water' => 'clear']);
        $this->write->happen($tomato, 'spread', '2024-09-02 09:40', ['surface' => 'plate', 'mass_g' => 17.2]);
        $this->write->weigh($tomato, ['2024-09-04 09:00' => 9.1, '2024-09-08 09:00' => 8.3]);
        $this->write->happen($tomato, 'jar_read', '2024-09-10 09:00', ['rh' => 31, 'temperature_c' => 19]);
        $this->write->happen($tomato, 'sample_weighed', '2024-09-10 09:30', ['counted' => 100, 'masses_g' => [0.29, 0.3, 0.29]]);
        $this->write->store($tomato, '2024-09-10 10:00', $this->fridge, 'jar', 8.2);
        $this->write->test($tomato, '2025-02-14', 2, 25, 24, [5 => [14, 12], 7 => [6, 8], 10 => [3, 3]], true);
        $this->write->happen($tomato, 'withdrawn', '2026-03-15 10:00', ['purpose' => 'sowing', 'seeds' => 40, 'to' => 'glasshouse']);
    }

    private function lastYear(): void
    {
        $carrot = $this->write->pick($this->write->sow($this->varieties['Keel'], '2024-06-10', 80, 'Long bed', by: 'Marek'), '2025-08-28 10:00', 46, 120, 520, 'Marek');
        $this->write->happen($carrot, 'threshed', '2025-09-14 14:00', ['mass_g' => 190]);
        $this->write->happen($carrot, 'winnowed', '2025-09-14 17:00', ['mass_g' => 118]);
        $this->write->happen($carrot, 'spread', '2025-09-15 09:00', ['surface' => 'mesh', 'mass_g' => 118]);
        $this->write->weigh($carrot, ['2025-09-19 09:00' => 113.8, '2025-09-24 09:00' => 112.9]);
        $this->write->happen($carrot, 'jar_read', '2025-09-25 09:00', ['rh' => 28, 'temperature_c' => 19]);
        $this->write->store($carrot, '2025-09-25 09:30', $this->freezer, 'foil_pouch', 112.9);
        // Out of the freezer shut, and opened when it was as warm as the room.
        $this->write->store($carrot, '2025-10-05 18:00', $this->cupboard, 'foil_pouch', null);
        $this->write->test($carrot, '2025-10-06', 4, 50, 22, [7 => [28, 30, 27, 29], 10 => [11, 9, 12, 10], 14 => [3, 2, 3, 2]], true, 'rolled_cloth');
        $this->write->store($carrot, '2025-10-06 19:00', $this->freezer, 'foil_pouch', null);

        $parsnip = $this->write->pick($this->write->sow($this->varieties['Groyne'], '2024-04-02', 30, 'Long bed', by: 'Yusra'), '2025-08-16 10:00', 3, 9, 140, 'Yusra');
        $this->write->note($parsnip, '2025-08-16 10:10', 'Only three plants came through the winter: a bottleneck. Find other seed of this one to grow beside it.', 'Yusra');
        $this->write->happen($parsnip, 'threshed', '2025-08-30 10:00', ['mass_g' => 61]);
        $this->write->happen($parsnip, 'winnowed', '2025-08-30 11:00', ['mass_g' => 38.4]);
        $this->write->store($parsnip, '2025-09-06 10:00', $this->fridge, 'paper_envelope', 36.9);
        $this->write->test($parsnip, '2026-02-20', 2, 50, 22, [6 => [2, 1], 14 => [18, 16], 21 => [14, 15], 28 => [3, 4]], true, 'rolled_cloth');

        $lettuce = $this->write->pick($this->write->sow($this->varieties['Spindrift'], '2025-03-28', 14, 'Frame 2', by: 'Ines'), '2025-09-02 12:00', 5, 60, 95, 'Ines');
        $this->write->happen($lettuce, 'threshed', '2025-09-10 12:00', ['mass_g' => 40]);
        $this->write->happen($lettuce, 'winnowed', '2025-09-10 12:40', ['mass_g' => 14.2]);
        $this->write->store($lettuce, '2025-09-20 12:00', $this->cupboard, 'paper_envelope', 13.9);
        $this->write->test($lettuce, '2025-11-03', 1, 10, 18, [4 => [7], 7 => [2]], true);
        $this->write->note($lettuce, '2025-11-10 20:00', 'Nine of ten. Good enough, we said.', 'Ines');
        $this->write->test($lettuce, '2026-03-02', 4, 25, 18, [4 => [9, 11, 10, 8], 7 => [7, 5, 6, 8]], true, 'dish');
        $this->write->note($lettuce, '2026-03-09 20:00', 'Ten seeds promised too much. The tag of this envelope and of the kale lay swapped on the bench; caught by the year on the inner tag.', 'Marek');

        $squash = $this->write->pick($this->write->sow($this->varieties['Bell Buoy'], '2024-05-12', 4, 'Heap', by: 'Odile'), '2024-10-01 10:00', 2, 3, 9800, 'Odile');
        $this->crossed = $squash;
        $this->write->happen($squash, 'rinsed', '2024-12-12 10:00', ['water' => 'clear']);
        $this->write->happen($squash, 'spread', '2024-12-12 11:00', ['surface' => 'tray', 'mass_g' => 96]);
        $this->write->weigh($squash, ['2024-12-16 10:00' => 61, '2024-12-22 10:00' => 58.2]);
        $this->write->store($squash, '2025-01-04 10:00', $this->cupboard, 'paper_envelope', 57.8, 410);
        $this->write->note($squash, '2025-08-20 19:00', 'Two of five plants grown from this gave warted fruit: crossed, from the year two C. pepo bloomed together. Do not sow for seed.', 'Odile');
    }

    private function onTheRacks(): void
    {
        $bean = $this->write->pick($this->write->sow($this->varieties['Tidewrack'], '2026-02-25', 40, 'Long bed', by: 'Marek'), '2026-07-28 11:00', 22, 310, 2900, 'Marek');
        $this->write->happen($bean, 'threshed', '2026-08-14 15:00', ['mass_g' => 1460]);
        $this->write->happen($bean, 'winnowed', '2026-08-14 16:00', ['mass_g' => 1310]);
        $this->write->happen($bean, 'spread', '2026-08-14 17:00', ['surface' => 'tray', 'mass_g' => 1310]);
        $this->write->store($bean, '2026-08-30 18:00', $this->cupboard, 'jar', 1240);
        $this->write->happen($bean, 'jar_read', '2026-09-13 18:30', ['rh' => 78, 'temperature_c' => 18]);
        $this->write->note($bean, '2026-09-13 18:35', 'Mist on the inside of the glass. They felt hard, so nobody weighed them.', 'Marek');

        $pea = $this->write->pick($this->write->sow($this->varieties['Coxswain'], '2026-03-10', 90, 'Net row', by: 'Yusra'), '2026-07-20 10:00', 60, 420, 780, 'Yusra');
        $this->write->happen($pea, 'threshed', '2026-08-30 10:00', ['mass_g' => 420]);
        $this->write->happen($pea, 'winnowed', '2026-08-30 11:00', ['mass_g' => 402]);
        $this->write->happen($pea, 'spread', '2026-08-31 09:00', ['surface' => 'tray', 'mass_g' => 402]);
        $this->write->weigh($pea, ['2026-09-02 09:00' => 393, '2026-09-05 09:00' => 387, '2026-09-09 09:00' => 384, '2026-09-13 09:00' => 383]);

        $onion = $this->write->pick($this->write->sow($this->varieties['Capstan'], '2025-03-15', 50, 'North wall', by: 'Odile'), '2026-08-12 10:00', 31, 31, 402, 'Odile');
        $this->write->happen($onion, 'threshed', '2026-09-01 14:00', ['mass_g' => 118]);
        $this->write->happen($onion, 'winnowed', '2026-09-01 15:00', ['mass_g' => 92.6]);
        $this->write->happen($onion, 'spread', '2026-09-02 09:00', ['surface' => 'mesh', 'mass_g' => 92.6]);
        $this->write->weigh($onion, ['2026-09-05 09:00' => 90.2, '2026-09-08 09:00' => 89.1, '2026-09-12 09:00' => 88.6]);
        $this->write->happen($onion, 'jar_read', '2026-09-13 19:00', ['rh' => 32, 'temperature_c' => 19]);
        $this->write->test($onion, '2026-09-06', 4, 25, 18, [6 => [9, 11, 8, 10], 8 => [7, 6, 8, 6]], false, 'rolled_cloth');

        $pepper = $this->write->pick($this->write->sow($this->varieties['Flare Gun'], '2026-02-18', 6, 'Glasshouse, right', by: 'Ines'), '2026-09-08 10:00', 4, 26, 480, 'Ines');
        $this->write->happen($pepper, 'rinsed', '2026-09-10 14:00');
        $this->write->happen($pepper, 'spread', '2026-09-10 14:30', ['surface' => 'coffee_filter', 'mass_g' => 31.4, 'moisture' => 44]);
        $this->write->weigh($pepper, ['2026-09-11 09:00' => 25.6, '2026-09-12 09:00' => 22.1, '2026-09-13 09:00' => 20.6]);

        $cutter = $this->write->pick($this->write->sow($this->varieties['Pilot Cutter'], '2026-03-18', 8, 'Glasshouse, left', by: 'Marek'), '2026-08-20 10:00', 5, 18, 1700, 'Marek');
        $this->write->happen($cutter, 'ferment_started', '2026-08-20 12:00', ['temperature_c' => 33, 'cover' => 'loose_lid']);
        $this->write->happen($cutter, 'poured_off', '2026-08-24 09:00', ['passes' => 5, 'sprouted' => true]);
        $this->write->note($cutter, '2026-08-24 09:10', 'The jar stood in the glasshouse over a hot weekend. White tips on some seed.', 'Marek');
        $this->write->happen($cutter, 'rinsed', '2026-08-24 09:30', ['water' => 'clear']);
        $this->write->happen($cutter, 'spread', '2026-08-24 10:00', ['surface' => 'mesh', 'mass_g' => 12.9]);
        $this->write->weigh($cutter, ['2026-08-26 09:00' => 6.9, '2026-08-30 09:00' => 6.31]);
        $this->write->happen($cutter, 'jar_read', '2026-08-31 09:00', ['rh' => 33, 'temperature_c' => 21]);
        $this->write->store($cutter, '2026-09-01 09:00', $this->fridge, 'jar', 6.3);
        $this->write->test($cutter, '2026-09-02', 2, 25, 24, [5 => [6, 4], 7 => [5, 4], 9 => [3, 2], 11 => [1, 2]], false);

        $nightwatch = $this->write->pick($this->write->sow($this->varieties['Nightwatch'], '2026-02-20', 6, 'Glasshouse, right', by: 'Ines'), '2026-09-02 10:00', 4, 9, 1100, 'Ines');
        $this->write->happen($nightwatch, 'rinsed', '2026-09-04 10:00');
        $this->write->happen($nightwatch, 'spread', '2026-09-04 10:20', ['surface' => 'plate', 'mass_g' => 18.8, 'moisture' => 43]);
        $this->write->weigh($nightwatch, ['2026-09-05 09:00' => 15.1, '2026-09-06 09:00' => 13.4, '2026-09-08 09:00' => 12.2, '2026-09-10 09:00' => 11.6, '2026-09-12 09:00' => 11.46]);
    }

    private function onTheBench(): void
    {
        $gate = $this->write->pick($this->write->sow($this->varieties['Sluice Gate'], '2026-03-18', 10, 'Glasshouse, left', by: 'Ines'), '2026-09-11 17:00', 6, 24, 2300, 'Ines');
        $this->write->happen($gate, 'ferment_started', '2026-09-12 09:00', ['temperature_c' => 24, 'cover' => 'cloth']);

        $lightship = $this->write->pick($this->write->sow($this->varieties['Lightship'], '2026-03-18', 16, 'South bed', 'F3 of 2025', 'Yusra'), '2026-09-10 17:00', 3, 11, 900, 'Yusra');
        $this->write->happen($lightship, 'ferment_started', '2026-09-11 08:00', ['temperature_c' => 22, 'cover' => 'cloth']);
        $this->write->happen($lightship, 'poured_off', '2026-09-14 09:10', ['passes' => 3, 'sprouted' => false]);

        $spindrift = $this->write->pick($this->write->sow($this->varieties['Spindrift'], '2026-03-26', 18, 'Frame 2', by: 'Ines'), '2026-09-04 12:00', 9, 110, 160, 'Ines');
        $this->write->happen($spindrift, 'threshed', '2026-09-12 15:00', ['mass_g' => 58, 'how' => 'hands']);

        $buoy = $this->write->sow($this->varieties['Bell Buoy'], '2026-05-10', 5, 'Heap', 'older seed, not L6', 'Odile');
        $this->write->see($buoy, 'hand_wanted', '2026-06-28 20:00', ['fruits' => 2], 'Odile');
        $this->write->see($buoy, 'rogued', '2026-07-02 19:00', ['looked_over' => 5, 'pulled' => 0, 'how' => 'leaf and habit as they should be'], 'Odile');
        $this->write->see($buoy, 'first_bloom', '2026-07-06 07:30', [], 'Odile');
        $this->write->see($buoy, 'flowers_shut', '2026-07-15 20:10', ['females' => 2, 'males' => 4, 'where' => 'plant 2, by the path'], 'Odile');
        $this->write->see($buoy, 'hand_pollinated', '2026-07-16 06:40', ['flowers' => 2, 'mother' => '2', 'fathers' => '1, 4', 'tie' => 'red wool'], 'Odile');
        $this->write->see($buoy, 'hand_pollinated', '2026-07-19 06:30', ['flowers' => 1, 'mother' => '5', 'fathers' => '3', 'tie' => 'red wool'], 'Odile');
        $this->write->see($buoy, 'set_seen', '2026-07-23 19:00', ['took' => 2, 'dropped' => 1, 'tie' => 'red wool'], 'Odile');
        $fruit = $this->write->pick($buoy, '2026-09-06 10:00', 1, 2, 7400, 'Odile', tied: true, mother: '2');
        $this->write->note($fruit, '2026-09-06 10:05', 'Only the two fruits with red wool. The rest is food.', 'Odile');

        $this->write->pick($this->write->sow($this->varieties['Dory'], '2026-05-06', 8, 'Glasshouse door', by: 'Yusra'), '2026-09-09 10:00', 3, 4, 3100, 'Yusra');
    }

    private function stillGrowing(): void
    {
        $this->write->sow($this->varieties['Estuary Blue'], '2025-04-05', 32, 'North wall', by: 'Odile');
        $lead = $this->write->sow($this->varieties['Sounding Lead'], '2026-05-10', 4, 'Heap, far side', by: 'Marek');
        $this->write->see($lead, 'first_bloom', '2026-07-04 08:00', [], 'Marek');
        $this->write->note($lead, '2026-07-14 08:00', 'In bloom together with Bell Buoy, 20 m off. For food only.', 'Marek');
        $this->rootsInSand->lay($this->write, $this->write->sow($this->varieties['Groyne'], '2025-04-01', 24, 'Long bed', by: 'Yusra'));
        $this->write->sow($this->varieties['Keel'], '2026-06-08', 90, 'Long bed', by: 'Marek');
        // Of what next year's plan asked to be sown this year, all was but the cabbage.
        foreach ([['Capstan', '2026-03-12', 24, 'North wall', 'Odile'], ['Groyne', '2026-04-12', 20, 'Long bed', 'Yusra'], ['Signal Red', '2026-05-20', 10, 'South bed', 'Ines'], ['Bollard', '2026-05-25', 12, 'South bed', 'Ines'], ['Breakwater', '2026-06-02', 8, 'North wall', 'Marek']] as [$name, $on, $plants, $spot, $by]) {
            $row = $this->write->sow($this->varieties[$name], $on, $plants, $spot, by: $by);
            if ($name === 'Breakwater') {
                $this->chosenKale->walk($this->write, $row);
            }
        }
        $growOut = $this->write->sow($this->varieties['Bell Buoy'], '2025-05-12', 5, 'Heap', by: 'Odile', lot: $this->crossed);
        $this->write->see($growOut, 'off_types_seen', '2025-08-20 18:00', ['seen' => 5, 'off' => 2, 'how' => 'warted fruit'], 'Odile');
        $this->write->see($growOut, 'off_types_judged', '2025-08-24 20:00', ['judged' => 'crossed', 'how' => 'two C. pepo bloomed together in 2024'], 'Odile');
    }
}
