<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use App\Voice\When;
use Marrow\Core\Harvest\CutDay;
use Marrow\Core\Planting\PlantingCourse;

/** When to cut what ripens unevenly and sheds: on one day, or in passes. */
final class HarvestWords
{
    /** Null of what holds its seed, of what has been picked, and where nobody has seen it bloom: seed ripens as unevenly as its flowers opened. */
    public static function of(PlantingCourse $course, When $when): ?string
    {
        $crop = $course->facts->crop;
        $ripening = $crop->ripening;
        $season = $course->growing->season();
        if ($ripening->shatters === null || $season === null || ! $season->isFirstSeen || $course->growing->pickedAt !== null || $season->isOver($when->now)) {
            return null;
        }
        $ripe = $crop->growing->ripeDays();
        $spread = max(1, (int) $season->firstBloom->diff($season->lastBloom)->days);
        // From the first flower on, so that what is cut green stands after nought.
        $cut = CutDay::of((float) $ripe, (float) ($ripe + $spread), $ripening->holdsDays(), $ripening->finishesDays());
        $every = $ripening->lookDays();
        $once = sprintf('cut once, about %s, keeps some %s of it (%s still green, %s fallen)', $when->date($season->firstBloom->modify(sprintf('+%d days', (int) round($cut->day)))), Quantity::percent($cut->kept), Quantity::percent($cut->greenOn($cut->day)), Quantity::percent($cut->fallenOn($cut->day)));
        $passes = sprintf('gathered every %s it is some %s', Quantity::number($every, 'day'), Quantity::percent(CutDay::keptByVisits($ripening->holdsDays(), (float) $every)));
        $first = $course->facts->practice->word('pick_by') === 'passes' ? [$passes, $once] : [$once, $passes];

        return ucfirst(implode('; ', $first)).', were ripe seed to hold '.Quantity::number((int) $ripening->holdsDays(), 'day').' on the average.';
    }
}
