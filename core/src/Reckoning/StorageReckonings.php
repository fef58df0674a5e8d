<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

use Marrow\Core\Botany\CropReference;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Values;
use Marrow\Core\Germination\GerminationShare;
use Marrow\Core\Storage\AgeingHistory;
use Marrow\Core\Storage\KeeperPace;
use Marrow\Core\Storage\LotPace;
use Marrow\Core\Storage\PacketPlan;
use Marrow\Core\Storage\StorageLife;
use Marrow\Core\Storage\TestRefit;
use Marrow\Core\Storage\ThumbRule;
use Marrow\Core\Storage\ViabilityConstants;

final class StorageReckonings
{
    /** @return list<Reckoning> */
    public static function all(CropReference $crops): array
    {
        return [self::life($crops), self::history($crops), self::refit($crops), self::learn(), self::thumb(), self::packets($crops)];
    }

    private static function life(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'storage.life',
            'How long will this seed stay good, kept like this?',
            [
                ...StorageInputs::constantInputs(),
                StorageInputs::moisture(),
                StorageInputs::temperature(),
                ...StorageInputs::germinationInputs(),
                Field::share('threshold', 'share to fall to', 0.01, 0.99),
                Field::number('after_days', 'share after so many days', 'days', 0, 100_000)->optional(),
            ],
            [
                new Output('sigma_days', 'days', 'time to lose one probit of viability'),
                new Output('ki', 'probits', 'viability at the start'),
                new Output('days_to_threshold', 'days', 'time until it falls to the threshold'),
                new Output('rate_after', 'share', 'share alive after after_days'),
            ],
            'Ellis & Roberts 1980: v = Kᵢ − p/σ; constants published for the crop, else solved from its ordinary years (Dickie et al. 1990).',
            static function (Values $in) use ($crops): array {
                $life = StorageLife::of(
                    StorageInputs::constants($in, $crops),
                    $in->number('moisture'),
                    $in->number('temperature'),
                    StorageInputs::germination($in),
                );

                return [
                    'sigma_days' => $life->sigmaDays,
                    'ki' => $life->ki,
                    'days_to_threshold' => $life->daysTo($in->number('threshold')),
                    'rate_after' => $in->has('after_days') ? $life->rateAfter($in->number('after_days')) : null,
                ];
            },
            [StorageInputs::crops(), StorageInputs::starts()],
            also: 'keep last years old shelf viability fridge freezer cupboard expire',
        );
    }

    private static function history(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'storage.history',
            'What is left after all the places it was kept in?',
            [
                ...StorageInputs::constantInputs(),
                Field::segments('segments', 'each store as days:moisture:temperature', 100_000),
                ...StorageInputs::germinationInputs(),
            ],
            [new Output('rate_after', 'share', 'share alive at the end')],
            'Ageing adds up: probit of the start less Σ days/σ (Ellis & Roberts 1980).',
            static fn (Values $in): array => ['rate_after' => AgeingHistory::rateAfter(
                StorageInputs::constants($in, $crops),
                array_map(
                    static fn (array $row): array => ['days' => $row[0], 'moisture' => $row[1] ?? 0.0, 'temperature' => $row[2] ?? 0.0],
                    $in->rows('segments'),
                ),
                StorageInputs::germination($in),
            )],
            [StorageInputs::crops(), StorageInputs::starts()],
            also: 'moved shed attic summer hot past age left',
        );
    }

    private static function refit(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'storage.refit',
            'How is it really ageing, by my own tests?',
            [
                Field::numbers('days', 'day of each test since it was stored', 'days', 0, 100_000),
                Field::integers('germinated', 'normal seedlings in each', 'seeds', 0, 1_000_000),
                Field::integers('sown', 'seeds in each', 'seeds', 1, 1_000_000),
                Field::share('threshold', 'share to fall to', 0.01, 0.99)->optional(0.7),
                ...StorageInputs::constantInputs(),
                StorageInputs::moisture()->optional(),
                StorageInputs::temperature()->optional(),
            ],
            [
                new Output('ki', 'probits', 'viability at the start'),
                new Output('sigma_days', 'days', 'time to lose one probit'),
                new Output('days_to_threshold', 'days', 'from the start to the threshold'),
            ],
            'Maximum-likelihood probit regression; with constants, moisture and temperature, the same with a log-normal prior on σ (factor 2) and a weak one on Kᵢ.',
            static function (Values $in) use ($crops): array {
                $fit = TestRefit::fit($in->numbers('days'), $in->integers('germinated'), $in->integers('sown'), StorageInputs::prior($in, $crops));

                return ['ki' => $fit->ki, 'sigma_days' => $fit->sigmaDays, 'days_to_threshold' => $fit->daysTo($in->number('threshold'))];
            },
            [new Alternatives('what else is known', [
                new Way('the tests alone', []),
                new Way('the crop and its store', ['crop', 'moisture', 'temperature']),
                new Way('constants and the store', ['ke', 'cw', 'ch', 'cq', 'moisture', 'temperature']),
            ])],
            also: 'tests trend decline getting worse old regenerate',
        );
    }

    private static function thumb(): Reckoning
    {
        return new Reckoning(
            'storage.thumb',
            'Roughly, how much longer does it keep drier or cooler?',
            [
                Field::number('moisture_change', 'change of moisture, drier is negative', '%', -9, 9),
                Field::number('temperature_change', 'change of temperature, cooler is negative', '°C', -50, 50),
                Field::number('moisture', 'moisture to begin with', '%', 5, 14)->optional(),
                Field::number('temperature', 'temperature to begin with', '°C', 0, 50)->optional(),
            ],
            [new Output('factor', 'times', 'as long')],
            'Harrington’s rule of thumb: life doubles per 1 % less moisture (5–14 %) and per 5 °C cooler (0–50 °C).',
            static fn (Values $in): array => ['factor' => ThumbRule::factor(
                $in->number('moisture_change'),
                $in->number('temperature_change'),
                $in->has('moisture') ? $in->number('moisture') : null,
                $in->has('temperature') ? $in->number('temperature') : null,
            )],
            also: 'Harrington rule hundred fridge freezer double',
        );
    }

    private static function learn(): Reckoning
    {
        return new Reckoning(
            'storage.learn',
            'Does seed in my store last longer or shorter than usual?',
            [
                Field::numbers('observed', 'how many times as long as forecast each lot lasts, by its own tests', '', 0.01, 100),
                Field::numbers('spread', 'standard error of the logarithm of each', '', 0.01, 5),
            ],
            [
                new Output('factor', 'times', 'as long as the model has it'),
                new Output('low', 'times', 'at the least'),
                new Output('high', 'times', 'at the most'),
                new Output('untested_low', 'times', 'a lot without a test, at the least'),
                new Output('untested_high', 'times', 'a lot without a test, at the most'),
            ],
            'Mean of the log factors, weighted; lots of a store differ by ln 1.5, stores by ln 2 about 1; 90 % bands.',
            static function (Values $in): array {
                $pace = KeeperPace::learn($in->numbers('observed'), $in->numbers('spread'));
                [$low, $high] = $pace->band();
                [$untestedLow, $untestedHigh] = $pace->bandOfUntested();

                return ['factor' => $pace->factor(), 'low' => $low, 'high' => $high, 'untested_low' => $untestedLow, 'untested_high' => $untestedHigh];
            },
            also: 'own tests cupboard jar pace keeper compare model',
        );
    }

    private static function packets(CropReference $crops): Reckoning
    {
        return new Reckoning(
            'packets.plan',
            'How do I part this lot into a packet for each year?',
            [
                Field::integer('seeds', 'seeds in the lot', 'seeds', 1, 100_000_000),
                Field::integer('reserve', 'never to be packed', 'seeds', 0, 100_000_000)->optional(0),
                Field::integer('plants', 'plants wanted each year', 'plants', 1, 1_000_000),
                Field::crop('crop', 'the crop')->optional(),
                StorageInputs::moisture()->optional(),
                StorageInputs::temperature()->optional(),
                Field::share('germination', 'share that germinates now', 0.0001, 0.9999)->optional(),
                Field::integer('germinated', 'normal seedlings in the test', 'seeds', 0, 1_000_000)->optional(),
                Field::integer('sown', 'seeds in the test', 'seeds', 1, 1_000_000)->optional(),
                Field::numbers('yearly_shares', 'share that germinates in each year', '', 0.00001, 1)->optional(),
                Field::integer('years', 'years to pack for', 'years', 1, PacketPlan::MOST_YEARS),
                Field::share('confidence', 'how sure to be of enough plants', 0.5, 0.9999)->optional(0.95),
                Field::share('field_factor', 'share of seedlings that make a plant outdoors', 0.01)->optional(1.0),
                Field::integer('sachets_each', 'drying sachets in each bag', 'sachets', 0, 10)->optional(0),
                Field::integer('labels_each', 'labels on and in each bag', 'labels', 0, 10)->optional(2)->hint('One inside, one outside'),
                Field::number('price', 'what a bag costs', '', 0, 1e6)->optional(),
                Field::number('sachet_price', 'what a sachet costs', '', 0, 1e6)->optional(),
                Field::number('label_price', 'what a label costs', '', 0, 1e6)->optional(),
            ],
            [
                new Output('years_covered', 'years', 'years covered'),
                new Output('per_packet', 'seeds', 'seeds in each packet'),
                new Output('left', 'seeds', 'left over, the reserve included'),
                new Output('bags', 'bags', 'bags needed'),
                new Output('sachets', 'sachets', 'sachets needed'),
                new Output('labels', 'labels', 'labels needed'),
                new Output('cost', '', 'cost of all these'),
            ],
            'Each packet holds the fewest seeds that give the plants in its year as surely as asked, over all that the start and the pace of ageing may be (Ellis & Roberts 1980).',
            static function (Values $in) use ($crops): array {
                $plan = PacketPlan::of(
                    $in->integer('seeds'),
                    $in->integer('reserve'),
                    $in->integer('plants'),
                    $in->integer('years'),
                    self::sharesInYear($in, $crops),
                    $in->number('confidence'),
                    $in->number('field_factor'),
                );

                $bags = $plan->yearsCovered();
                $sachets = $bags * $in->integer('sachets_each');
                $labels = $bags * $in->integer('labels_each');
                $prices = array_filter([[$bags, 'price'], [$sachets, 'sachet_price'], [$labels, 'label_price']], static fn (array $of): bool => $in->has($of[1]));

                return [
                    'years_covered' => $bags,
                    'per_packet' => $plan->perPacket,
                    'left' => $plan->left,
                    'bags' => $bags,
                    'sachets' => $sachets,
                    'labels' => $labels,
                    // Nothing priced costs not nothing, but nobody knows what.
                    'cost' => $prices === [] ? null : array_sum(array_map(static fn (array $of): float => $of[0] * $in->number($of[1]), $prices)),
                ];
            },
            [new Alternatives('how it ages', [
                new Way('a test, and its store', ['crop', 'moisture', 'temperature', 'germinated', 'sown']),
                new Way('its share, and its store', ['crop', 'moisture', 'temperature', 'germination']),
                new Way('shares known year by year', ['yearly_shares']),
            ])],
            also: 'pack share divide envelopes foil years',
        );
    }

    /** @return \Closure(int): non-empty-list<float> */
    private static function sharesInYear(Values $in, CropReference $crops): \Closure
    {
        if ($in->has('yearly_shares')) {
            $shares = $in->numbers('yearly_shares');
            if (count($shares) < $in->integer('years')) {
                throw Refused::at('yearly_shares', sprintf('There are %d yearly shares for %d years.', count($shares), $in->integer('years')));
            }

            return static fn (int $year): array => [$shares[$year] ?? 0.00001];
        }
        $constants = StorageInputs::constants($in, $crops);
        $spread = $constants->basis->spreadOfLog();
        if ($in->has('sown')) {
            // A test's counts are refused where they do not go together.
            $test = GerminationShare::of($in->integer('germinated'), $in->integer('sown'));
            $pace = LotPace::tested([[0.0, $test->germinated, $test->sown]], ViabilityConstants::FRESH, 0.0, $spread);
        } else {
            $pace = LotPace::known($in->number('germination'), $spread);
        }

        return PacketPlan::ageing($constants, $in->number('moisture'), $in->number('temperature'), $pace);
    }
}
