<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Values;
use Marrow\Core\Harvest\CutDay;

final class HarvestReckonings
{
    /** @return list<Reckoning> */
    public static function all(): array
    {
        return [self::timing()];
    }

    private static function timing(): Reckoning
    {
        return new Reckoning(
            'harvest.timing',
            'It ripens unevenly and sheds: when do I cut?',
            [
                Field::number('ripe_from', 'day on which the first seed is ripe', 'days', 0, 1000),
                Field::number('ripe_to', 'day on which the last is', 'days', 0.5, 1000.5),
                Field::number('hold_days', 'how long ripe seed stays on, on the average', 'days', 0.1, 1000),
                Field::number('finish_days', 'how long before it is ripe it may be cut and still ripen under cover', 'days', 0, 100)->optional(0.0),
                Field::number('visit_every', 'gathered bit by bit, every so often', 'days', 0.1, 365)->optional(),
            ],
            [
                new Output('cut_day', 'days', 'day to cut on, from the same start'),
                new Output('kept', 'share', 'share of the seed kept, cut once'),
                new Output('kept_by_visits', 'share', 'share kept, gathered bit by bit'),
            ],
            'Ripening normal, its deviation a quarter of the window; ripe seed shed at random; the day on which most is ripe and on, or will ripen. Visits: (h/d)(1 − e^(−d/h)).',
            static function (Values $in): array {
                $cut = CutDay::of($in->number('ripe_from'), $in->number('ripe_to'), $in->number('hold_days'), $in->number('finish_days'));

                return [
                    'cut_day' => $cut->day,
                    'kept' => $cut->kept,
                    'kept_by_visits' => $in->has('visit_every') ? CutDay::keptByVisits($in->number('hold_days'), $in->number('visit_every')) : null,
                ];
            },
            also: 'shatter shed ripe harvest cut date pick lettuce carrot brassica pods when',
        );
    }
}
