<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Storage;

use Marrow\Core\Statistics\Normal;
use Marrow\Core\Storage\Ageing;
use Marrow\Core\Storage\AgeingSegment;
use Marrow\Core\Storage\ConstantsBasis;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Storage\LotPace;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds of every forecast, whatever the seed and wherever it lies. */
final class ForecastPropertiesTest extends CoreTestCase
{
    private const THRESHOLDS = [0.3, 0.5, 0.65, 0.8];

    /** @return iterable<string, array{Forecast}> */
    public static function forecasts(): iterable
    {
        $chance = new Randomizer(new Mt19937(42));
        $between = static fn (float $low, float $high): float => $low + ($high - $low) * $chance->getInt(0, 1_000_000) / 1_000_000;
        for ($n = 0; $n < 24; $n++) {
            $start = new \DateTimeImmutable('2020-01-01');
            $segments = [];
            $from = $start;
            for ($k = 0, $many = $chance->getInt(1, 3); $k < $many; $k++) {
                $segments[] = new AgeingSegment($from, exp($between(4.0, 9.0)), $between(-1.0, 1.0));
                $from = $from->modify(sprintf('+%d days', $chance->getInt(30, 900)));
            }
            $pace = LotPace::untested($between(0.85, 0.99), $between(-0.4, 0.6), $between(0.1, 0.6));
            yield "forecast $n" => [Forecast::of(Ageing::of($start, $segments), $pace, $n % 2 === 0 ? ConstantsBasis::Published : ConstantsBasis::OrdinaryYears)];
        }
    }

    #[DataProvider('forecasts')]
    public function test_seed_never_gets_better_by_lying(Forecast $forecast): void
    {
        [$share, $low] = [1.0, 1.0];
        foreach (self::days($forecast) as $at) {
            $limits = $forecast->limitsAt($at);
            self::assertLessThanOrEqual($share + 1e-9, $forecast->shareAt($at));
            self::assertLessThanOrEqual($low + 1e-6, $limits->low);
            [$share, $low] = [$forecast->shareAt($at), $limits->low];
            self::assertLessThanOrEqual($limits->high, $limits->low);
            self::assertTrue($limits->low >= 0.0 && $limits->high <= 1.0);
        }
        self::assertLessThan(0.1, $share, 'in the end little lives');
    }

    #[DataProvider('forecasts')]
    public function test_the_near_edge_comes_before_the_middle_and_the_middle_before_the_far_edge(Forecast $forecast): void
    {
        $last = [null, null, null];
        foreach (array_reverse(self::THRESHOLDS) as $threshold) {
            $edges = [$forecast->reachesEarliest($threshold), $forecast->reaches($threshold), $forecast->reachesLatest($threshold)];
            self::assertLessThanOrEqual($edges[2], $edges[0], "at $threshold");
            // The middle of the likeliest lot lies between the tenth and the ninetieth of all, to the half day of the search.
            self::assertLessThanOrEqual($edges[1]->modify('+1 day'), $edges[0], "at $threshold");
            self::assertLessThanOrEqual($edges[2]->modify('+1 day'), $edges[1], "at $threshold");
            foreach ($edges as $n => $edge) {
                self::assertGreaterThanOrEqual($last[$n] ?? $forecast->startAt(), $edge, 'a lower mark is reached later');
                $last[$n] = $edge;
            }
        }
    }

    #[DataProvider('forecasts')]
    public function test_limits_chances_and_shares_are_of_one_distribution(Forecast $forecast): void
    {
        foreach (self::days($forecast) as $at) {
            $limits = $forecast->limitsAt($at);
            foreach ([[0.05, $limits->low], [0.95, $limits->high]] as [$chance, $share]) {
                if ($share > 0.011 && $share < 0.989) {
                    self::assertEqualsWithDelta($chance, $forecast->chanceBelow($share, $at), 1e-4);
                }
            }
            $shares = $forecast->sharesAt($at, 41);
            $rising = $shares;
            sort($rising);
            self::assertSame($rising, $shares);
            foreach ([0.3, 0.7] as $mark) {
                $below = count(array_filter($shares, static fn (float $share): bool => $share < $mark)) / 41;
                self::assertEqualsWithDelta($forecast->chanceBelow($mark, $at), $below, 1 / 41 + 1e-6, 'each stands for as much as the next');
            }
        }
    }

    #[DataProvider('forecasts')]
    public function test_what_a_test_would_find_is_less_sure_than_what_is_alive_and_surer_with_more_seeds(Forecast $forecast): void
    {
        foreach (self::days($forecast) as $at) {
            $alive = $forecast->limitsAt($at);
            $width = INF;
            foreach ([10, 50, 400, 100_000] as $sown) {
                $found = $forecast->wouldBeFound($sown, $at);
                self::assertLessThanOrEqual($alive->low + 1e-6, $found->low);
                self::assertGreaterThanOrEqual($alive->high - 1e-6, $found->high);
                // On the scale of probits, on which the luck of the draw is added.
                $is = Normal::probit(min(1 - 1e-12, max(1e-12, $found->high))) - Normal::probit(min(1 - 1e-12, max(1e-12, $found->low)));
                self::assertLessThanOrEqual($width + 1e-4, $is);
                $width = $is;
            }
        }
    }

    /** @return list<\DateTimeImmutable> the start, and days on to where little lives */
    private static function days(Forecast $forecast): array
    {
        $end = $forecast->reaches(0.05)->getTimestamp() - $forecast->startAt()->getTimestamp();

        return array_map(static fn (int $n): \DateTimeImmutable => $forecast->startAt()->modify(sprintf('+%d seconds', (int) ($end * $n / 6))), range(0, 6));
    }
}
