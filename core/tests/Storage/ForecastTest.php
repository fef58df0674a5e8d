<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Storage;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Normal;
use Marrow\Core\Storage\Ageing;
use Marrow\Core\Storage\AgeingSegment;
use Marrow\Core\Storage\ConstantsBasis;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Storage\LotPace;
use Marrow\Core\Storage\StorageLife;
use Marrow\Core\Storage\ViabilityConstants;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

final class ForecastTest extends CoreTestCase
{
    private \DateTimeImmutable $start;

    protected function setUp(): void
    {
        $this->start = new \DateTimeImmutable('2025-01-01');
    }

    public function test_after_one_sigma_one_probit_is_lost(): void
    {
        $forecast = $this->forecast(0.9772498680518208, 500.0);
        // Two probits above the middle, then one, then none, by the table of the normal distribution.
        self::assertSixDigits(0.9772498680518208, $forecast->shareAt($this->start));
        self::assertSixDigits(0.8413447460685429, $forecast->shareAt($this->start->modify('+500 days')));
        self::assertSixDigits(0.5, $forecast->shareAt($this->start->modify('+1000 days')));
    }

    public function test_before_its_start_it_says_the_start(): void
    {
        self::assertSixDigits(0.9, $this->forecast(0.9, 500.0)->shareAt($this->start->modify('-1 year')));
    }

    public function test_below_the_threshold_already_is_reached_at_the_start(): void
    {
        self::assertEquals($this->start, $this->forecast(0.6, 500.0)->reaches(0.7));
    }

    public function test_two_stores_by_hand(): void
    {
        // 100 days at σ = 200 cost half a probit; then 2 − 0.5 − 0 = 1.5 probits are left, at σ = 1000.
        $forecast = $this->over(0.9772498680518208, [new AgeingSegment($this->start, 200.0), new AgeingSegment($this->start->modify('+100 days'), 1000.0)]);
        self::assertSame('2029-05-20', $forecast->reaches(0.5)->format('Y-m-d'), '100 + 1500 days later');
        self::assertSixDigits(0.9331927987311419, $forecast->shareAt($this->start->modify('+100 days')));
    }

    public function test_a_threshold_crossed_in_an_early_store_is_not_looked_for_in_a_later_one(): void
    {
        $forecast = $this->over(0.9772498680518208, [new AgeingSegment($this->start, 10.0), new AgeingSegment($this->start->modify('+100 days'), 1000.0)]);
        self::assertSame('2025-01-21', $forecast->reaches(0.5)->format('Y-m-d'), '20 days later');
    }

    /** By integration in R: viability normal with sd 0.33, u normal with the spread of the basis, away from the cupboard wider by 0.76 a unit. */
    #[DataProvider('chances')]
    public function test_the_chance_to_have_fallen_below_a_mark(float $chance, float $sigma, ConstantsBasis $basis, float $away): void
    {
        $forecast = $this->over(0.9, [new AgeingSegment($this->start, $sigma, $away)], $basis);
        self::assertEqualsWithDelta($chance, $forecast->chanceBelow(0.7, $this->start->modify('+500 days')), 0.004);
    }

    /** @return iterable<string, array{float, float, ConstantsBasis, float}> */
    public static function chances(): iterable
    {
        yield 'half a probit, by ordinary years' => [0.288241308, 1000.0, ConstantsBasis::OrdinaryYears, 0.0];
        yield 'one probit, constants measured' => [0.740181599, 500.0, ConstantsBasis::Published, 0.0];
        yield 'drier than where it was solved' => [0.311535473, 1000.0, ConstantsBasis::OrdinaryYears, -0.4];
    }

    public function test_the_edges_are_when_one_and_nine_in_ten_have_fallen(): void
    {
        $forecast = $this->over(0.95, [new AgeingSegment($this->start, 700.0)], ConstantsBasis::OrdinaryYears);
        $days = fn (\DateTimeImmutable $at): float => ($at->getTimestamp() - $this->start->getTimestamp()) / 86_400;
        // R, by uniroot: 303.3, 679.3 and 1289.7 days.
        self::assertEqualsWithDelta(303.3, $days($forecast->reachesEarliest(0.75)), 4.0);
        self::assertEqualsWithDelta(679.254714, $days($forecast->reaches(0.75)), 0.01);
        self::assertEqualsWithDelta(1289.7, $days($forecast->reachesLatest(0.75)), 12.0);
    }

    public function test_the_band_holds_nine_in_ten_and_the_forecast_at_every_moment(): void
    {
        $forecast = $this->over(0.9, [new AgeingSegment($this->start, 700.0)], ConstantsBasis::OrdinaryYears);
        foreach ([0, 250, 700, 1500, 3000] as $days) {
            $at = $this->start->modify("+$days days");
            $limits = $forecast->limitsAt($at);
            self::assertTrue($limits->contains($forecast->shareAt($at)), "day $days");
            if ($limits->low > 0.011 && $limits->high < 0.989) {
                self::assertEqualsWithDelta(0.05, $forecast->chanceBelow($limits->low, $at), 0.002);
                self::assertEqualsWithDelta(0.95, $forecast->chanceBelow($limits->high, $at), 0.002);
            }
        }
    }

    public function test_what_a_test_would_find_is_wider_by_the_luck_of_the_draw(): void
    {
        $forecast = $this->over(0.9, [new AgeingSegment($this->start, 1000.0)], ConstantsBasis::OrdinaryYears);
        $at = $this->start->modify('+500 days');
        // 50 seeds, in R: 0.4883 to 0.9275.
        $found = $forecast->wouldBeFound(50, $at);
        self::assertEqualsWithDelta(0.488349, $found->low, 0.006);
        self::assertEqualsWithDelta(0.927486, $found->high, 0.006);
        self::assertLessThan($forecast->limitsAt($at)->low, $found->low);
        self::assertEqualsWithDelta($forecast->limitsAt($at)->low, $forecast->wouldBeFound(1_000_000, $at)->low, 1e-3);
    }

    public function test_a_small_test_just_above_the_mark_does_not_put_the_near_edge_at_once(): void
    {
        $pace = LotPace::tested([[0.0, 21, 25]], 0.95, 0.0, ConstantsBasis::OrdinaryYears->spreadOfLog());
        $forecast = Forecast::of(Ageing::of($this->start, [new AgeingSegment($this->start, 700.0)]), $pace, ConstantsBasis::OrdinaryYears);
        self::assertGreaterThan(0.1, $forecast->chanceBelow(0.8, $this->start), 'it is open whether it was above');
        self::assertGreaterThan($this->start->modify('+14 days'), $forecast->reachesEarliest(0.8));
    }

    /**
     * The mode and the expected information there, in R: optim over Kᵢ ~ N(1.645, 1) and u ~ N(0, s) with binomial counts.
     *
     * @param  non-empty-list<array{float, int, int}>  $tests
     * @param  list<float>  $expected
     */
    #[DataProvider('ownTests')]
    public function test_its_own_tests_move_start_and_pace(array $tests, ConstantsBasis $basis, array $expected): void
    {
        $pace = LotPace::tested($tests, 0.95, 0.0, $basis->spreadOfLog());
        foreach ([$pace->viability, $pace->viabilitySpread, $pace->slower, $pace->slowerSpread, $pace->together] as $i => $figure) {
            self::assertEqualsWithDelta($expected[$i], $figure, 2e-5);
        }
        self::assertSame(count($tests), $pace->tests);
    }

    /** @return iterable<string, array{non-empty-list<array{float, int, int}>, ConstantsBasis, list<float>}> */
    public static function ownTests(): iterable
    {
        yield 'two' => [[[0.2, 47, 50], [0.8, 41, 50]], ConstantsBasis::OrdinaryYears, [0.923214, 0.181644, -0.016482, 0.332163, 0.025845]];
        yield 'one, high for its age' => [[[1.5, 46, 50]], ConstantsBasis::OrdinaryYears, [1.344889, 0.243841, 0.201643, 0.376723, 0.010218]];
        yield 'three, constants measured' => [[[0.0, 48, 50], [0.6, 44, 50], [1.4, 30, 50]], ConstantsBasis::Published, [0.284066, 0.154461, -0.045216, 0.165848, 0.014451]];
    }

    public function test_all_or_none_come_up_and_there_is_a_forecast_still(): void
    {
        foreach ([[0, 25], [25, 25]] as [$up, $of]) {
            $pace = LotPace::tested([[0.4, $up, $of]], 0.95, 0.0, 0.4);
            self::assertTrue(is_finite($pace->viability) && $pace->viabilitySpread > 0.0 && is_finite($pace->slower));
        }
    }

    public function test_no_forecast_looks_further_than_two_centuries(): void
    {
        $forecast = $this->forecast(0.99, 1e9);
        self::assertSame('2225', $forecast->reaches(0.5)->format('Y'));
        self::assertSame('2225', $forecast->reachesEarliest(0.5)->format('Y'));
    }

    public function test_without_a_store_there_is_no_forecast(): void
    {
        $this->expectException(InvalidFigure::class);
        Ageing::of($this->start, []);
    }

    /**
     * What keepers report: in paper in an ordinary cupboard, 19 °C and 50 % RH, the middle.
     *
     * @param  list<string>  $crops
     */
    #[DataProvider('keepers')]
    public function test_in_a_cupboard_it_lasts_as_keepers_say(array $crops, float $from, float $to): void
    {
        foreach ($crops as $key) {
            $crop = self::crop($key);
            $moisture = $crop->balance->moisture(0.50, 19.0);
            $constants = $crop->viability();
            $paper = Forecast::of(
                Ageing::of($this->start, [new AgeingSegment($this->start, $constants->sigma($moisture, 19.0), $constants->awayFromCupboard($moisture))]),
                LotPace::untested(0.95, 0.0, $constants->basis->spreadOfLog()),
                $constants->basis,
            );
            $years = ($paper->reaches($crop->test->minimum)->getTimestamp() - $this->start->getTimestamp()) / 86_400 / 365.25;
            self::assertGreaterThan($from, $years, $key);
            self::assertLessThan($to, $years, $key);

            // Over silica gel in a fridge: far longer, and less sure.
            $dry = max(ViabilityConstants::MIN_MOISTURE, $crop->balance->moisture(0.15, 20.0));
            $jar = Forecast::of(
                Ageing::of($this->start, [new AgeingSegment($this->start, $constants->sigma($dry, 5.0), $constants->awayFromCupboard($dry))]),
                LotPace::untested(0.95, 0.0, $constants->basis->spreadOfLog()),
                $constants->basis,
            );
            self::assertGreaterThan(8.0 * $years, ($jar->reaches($crop->test->minimum)->getTimestamp() - $this->start->getTimestamp()) / 86_400 / 365.25, $key);
        }
    }

    /** @return iterable<string, array{list<string>, float, float}> above its minimum after so many years, and no more than that */
    public static function keepers(): iterable
    {
        yield 'four to six years and more' => [['tomato', 'radish', 'cabbage', 'cucumber'], 6.0, 12.0];
        yield 'three to four' => [['lettuce', 'pea', 'french-bean', 'carrot'], 4.0, 8.0];
        yield 'three' => [['pepper'], 3.0, 7.0];
        yield 'one to two' => [['parsnip', 'onion'], 1.0, 2.5];
    }

    public function test_the_equation_is_refused_where_it_is_not_trusted(): void
    {
        $onion = self::crop('onion')->viability();
        foreach ([[2.9, 18.0, 'moisture'], [15.1, 18.0, 'moisture'], [8.0, -20.1, 'temperature'], [8.0, 40.1, 'temperature']] as [$moisture, $temperature, $figure]) {
            try {
                $onion->sigma($moisture, $temperature);
                self::fail('It was not refused.');
            } catch (InvalidFigure $e) {
                self::assertSame($figure, $e->path);
            }
        }
        self::assertGreaterThan(0.0, $onion->sigma(3.0, -20.0));
        self::assertGreaterThan(0.0, $onion->sigma(15.0, 40.0));
    }

    public function test_published_constants_against_the_equation_typed_in_afresh(): void
    {
        // Barley (Ellis & Roberts 1980) at 12 % and 20 °C, in R: 10^(9.983 - 5.896*log10(12) - 0.04*20 - 0.000428*400).
        $barley = ViabilityConstants::published(9.983, 5.896, 0.0400, 0.000428);
        self::assertSixDigits(445.602248, $barley->sigma(12.0, 20.0));
        self::assertSixDigits(445.602248 * 1.2815515655446, StorageLife::of($barley, 12.0, 20.0, 0.9)->daysTo(0.5));
    }

    private function forecast(float $share, float $sigma): Forecast
    {
        return $this->over($share, [new AgeingSegment($this->start, $sigma)]);
    }

    /** @param  list<AgeingSegment>  $segments */
    private function over(float $share, array $segments, ConstantsBasis $basis = ConstantsBasis::Published): Forecast
    {
        return Forecast::of(Ageing::of($this->start, $segments), LotPace::untested($share, 0.0, $basis->spreadOfLog()), $basis);
    }
}
