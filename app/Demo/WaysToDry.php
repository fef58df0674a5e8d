<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Variety;

/** Those who have no scale: by hand, by card and gel, and a room that never can. */
final class WaysToDry
{
    /** @param  array<string, Variety>  $varieties */
    public function lay(DemoWriter $write, MadeUpInstruments $instruments, array $varieties): void
    {
        $loft = $write->place('Boat loft', 24, 32);
        $washhouse = $write->place('Wash-house', 17, 68);

        $instruments->hangIn($washhouse, $write->turn);

        $beans = $write->pick($write->sow($varieties['Foghorn'], '2026-05-12', 12, 'South fence', by: 'Odile'), '2026-08-29 10:00', 9, 140, 610, 'Odile');
        $write->happen($beans, 'threshed', '2026-09-01 15:00', ['how' => 'hands'], 'Odile');
        $write->happen($beans, 'winnowed', '2026-09-01 15:30', [], 'Odile');
        $write->happen($beans, 'spread', '2026-09-01 16:00', ['surface' => 'newspaper', 'place_id' => $loft->id], 'Odile');
        $write->happen($beans, 'hand_tried', '2026-09-07 18:00', ['hammer' => 'squashes', 'thumbnail' => 'marks'], 'Odile');
        $write->happen($beans, 'hand_tried', '2026-09-13 18:00', ['hammer' => 'shatters', 'thumbnail' => 'no_mark', 'rattles' => 'rattles'], 'Odile');

        $coriander = $write->pick($write->sow($varieties['Slack Water'], '2026-03-30', 40, 'Frame 1', by: 'Marek'), '2026-08-18 10:00', 31, null, 420, 'Marek');
        $write->happen($coriander, 'threshed', '2026-08-27 10:00', ['mass_g' => 260], 'Marek');
        $write->happen($coriander, 'winnowed', '2026-08-27 11:00', ['mass_g' => 214], 'Marek');
        $write->happen($coriander, 'spread', '2026-08-27 12:00', ['surface' => 'cloth', 'mass_g' => 214, 'place_id' => $loft->id], 'Marek');
        $write->happen($coriander, 'card_read', '2026-09-06 09:00', ['card' => '10-20-30-40-50-60', 'damp_to' => 40, 'dry_from' => 60, 'temperature_c' => 21], 'Marek');
        $write->weigh($coriander, ['2026-09-06 09:30' => 197]);
        $write->happen($coriander, 'desiccant_in', '2026-09-06 10:00', ['desiccant' => 'gel', 'desiccant_g' => 60], 'Marek');

        $chard = $write->pick($write->sow($varieties['Signal Red'], '2025-05-04', 14, 'Long bed, end', by: 'Ines'), '2026-08-24 10:00', 11, null, 530, 'Ines');
        $write->happen($chard, 'threshed', '2026-09-08 10:00', ['mass_g' => 410], 'Ines');
        $write->happen($chard, 'winnowed', '2026-09-08 11:00', ['mass_g' => 366], 'Ines');
        $write->happen($chard, 'spread', '2026-09-08 12:00', ['surface' => 'screen', 'mass_g' => 366, 'place_id' => $washhouse->id], 'Ines');
        $write->weigh($chard, ['2026-09-11 09:00' => 352]);

        $lettuce = $write->pick($write->sow($varieties['Spindrift'], '2026-03-29', 10, 'Frame 2, second', by: 'Yusra'), '2026-09-09 12:00', 6, 90, 110, 'Yusra');
        $write->happen($lettuce, 'threshed', '2026-09-12 10:00', [], 'Yusra');
        $write->happen($lettuce, 'winnowed', '2026-09-12 10:30', [], 'Yusra');
        $write->happen($lettuce, 'spread', '2026-09-14 09:00', ['surface' => 'tray', 'where' => 'sun'], 'Yusra');
    }
}
