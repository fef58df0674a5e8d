<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use App\Reckoners\Asked;
use App\Voice\Quantity;
use Marrow\Core\Harvest\CutDay;

final class HarvestPictures
{
    public static function of(Asked $asked): ?Picture
    {
        return $asked->name === 'harvest.timing' ? self::timing($asked) : null;
    }

    private static function timing(Asked $asked): Picture
    {
        [$from, $to] = [$asked->in->number('ripe_from'), $asked->in->number('ripe_to')];
        $cut = CutDay::of($from, $to, $asked->in->number('hold_days'), $asked->in->number('finish_days'));
        $visits = $asked->has('kept_by_visits') ? [new Mark('y', $asked->figure('kept_by_visits'), 'gathered bit by bit')] : [];
        [$first, $last] = [min($from, $cut->day) - ($to - $from) / 4, max($to, $cut->day) + ($to - $from) / 4];

        return new Picture(
            sprintf('Share of the seed kept, by the day on which it is cut: most, %s, on day %d.', Quantity::percent($cut->kept), (int) round($cut->day)),
            new Axis('day', '', $first, $last),
            new Axis('kept', '%', 0, 1),
            Picture::sample($first, $last, $cut->keptOn(...)),
            dots: [[$cut->day, $cut->kept]],
            marks: [new Mark('x', $from, 'first ripe'), new Mark('x', $to, 'last ripe'), ...$visits],
        );
    }
}
