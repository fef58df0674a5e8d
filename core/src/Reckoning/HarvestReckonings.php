<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Botany\CropReference;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Values;
use Marrow\Core\Harvest\CutDay;
use Marrow\Core\Harvest\SeedYield;

final class HarvestReckonings
{
    /** @return list<Reckoning> */
    public static function all(CropReference $crops): array
    {
        return [self::timing(), self::yield($crops)];
    }

    private static function yield(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'harvest.yield',
            'How much seed did it bear, and is that usual?',
            [
                Field::crop('crop', 'the crop')->optional(),
                Field::number('mass', 'what the clean seed weighs', 'g', 0.001, 1_000_000),
                Field::integer('plants', 'plants it is from', 'plants', 1, 1_000_000)->optional(),
                Field::number('area', 'ground they stood on', 'm²', 0.01, 1_000_000)->optional(),
                Field::number('rough_mass', 'what it weighed before it was cleaned', 'g', 0.001, 1_000_000)->optional(),
                Field::integer('fruits', 'fruits, pods or heads it is from', '', 1, 10_000_000)->optional(),
                Field::choice('all_taken', 'of those plants was taken', ['all' => 'all their seed', 'some' => 'some of it'])->optional(),
            ],
            [
                new Output('per_plant', 'g', 'a plant'),
                new Output('per_square_metre', 'g', 'a square metre'),
                new Output('per_fruit', 'g', 'a fruit, pod or head'),
                new Output('cleaned_share', 'share', 'of the rough was clean seed'),
                new Output('against', '', 'against what is usual'),
            ],
            'Mass over plants, ground and fruits; clean over rough. Usual: seeds of a plant by what a thousand weigh, least by least to most by most; held against it only where all of a plant’s seed was taken.',
            static function (Values $in) use ($crops): array {
                $yield = SeedYield::of(
                    $in->number('mass'),
                    $in->has('plants') ? $in->integer('plants') : null,
                    $in->has('area') ? $in->number('area') : null,
                    $in->has('rough_mass') ? $in->number('rough_mass') : null,
                    $in->has('fruits') ? $in->integer('fruits') : null,
                );

                return [
                    'per_plant' => $yield->perPlant,
                    'per_square_metre' => $yield->perSquareMetre,
                    'per_fruit' => $yield->perFruit,
                    'cleaned_share' => $yield->cleanedShare,
                    'against' => $yield->against($in->has('crop') ? $crops->get($in->text('crop'))->seedOfAPlant() : null, $in->has('all_taken') && $in->text('all_taken') === 'all'),
                ];
            },
            also: 'harvest poor low seed set per plant square metre weight',
        );
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
