<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Storage;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Interval;
use Marrow\Core\Storage\AgeingSegment;
use Marrow\Core\Storage\ConstantsBasis;
use Marrow\Core\Storage\Forecast;
use Marrow\Core\Storage\StorageLife;
use Marrow\Core\Storage\ViabilityConstants;
use Marrow\Core\Tests\Support\CoreTestCase;

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
        $forecast = Forecast::of(0.9772498680518208, new Interval(0.9, 0.99), $this->start, [
            new AgeingSegment($this->start, 200.0),
            new AgeingSegment($this->start->modify('+100 days'), 1000.0),
        ], ConstantsBasis::Published);
        self::assertSame('2029-05-20', $forecast->reaches(0.5)->format('Y-m-d'), '100 + 1500 days later');
        self::assertSixDigits(0.9331927987311419, $forecast->shareAt($this->start->modify('+100 days')));
    }

    public function test_a_threshold_crossed_in_an_early_store_is_not_looked_for_in_a_later_one(): void
    {
        $forecast = Forecast::of(0.9772498680518208, new Interval(0.9, 0.99), $this->start, [
            new AgeingSegment($this->start, 10.0),
            new AgeingSegment($this->start->modify('+100 days'), 1000.0),
        ], ConstantsBasis::Published);
        self::assertSame('2025-01-21', $forecast->reaches(0.5)->format('Y-m-d'), '20 days later');
    }

    public function test_the_band_is_wider_where_constants_were_not_measured(): void
    {
        $at = $this->start->modify('+400 days');
        $width = fn (ConstantsBasis $basis): float => Forecast::of(0.9, new Interval(0.85, 0.94), $this->start, [new AgeingSegment($this->start, 500.0)], $basis)
            ->limitsAt($at)->halfWidth();
        self::assertGreaterThan($width(ConstantsBasis::Published), $width(ConstantsBasis::OrdinaryYears));
    }

    public function test_the_band_holds_the_forecast_at_every_moment(): void
    {
        $forecast = $this->forecast(0.9, 700.0);
        for ($days = 0; $days < 5000; $days += 250) {
            $at = $this->start->modify("+$days days");
            self::assertTrue($forecast->limitsAt($at)->contains($forecast->shareAt($at)), "day $days");
        }
    }

    public function test_limits_of_none_and_all_still_have_probits(): void
    {
        $forecast = Forecast::of(0.98, new Interval(0.0, 1.0), $this->start, [new AgeingSegment($this->start, 500.0)], ConstantsBasis::Published);
        $limits = $forecast->limitsAt($this->start);
        self::assertSixDigits(0.001, $limits->low);
        self::assertSixDigits(0.999, $limits->high);
    }

    public function test_no_forecast_looks_further_than_two_centuries(): void
    {
        $forecast = $this->forecast(0.99, 1e9);
        self::assertSame('2225', $forecast->reaches(0.5)->format('Y'));
    }

    public function test_without_a_store_or_with_all_alive_there_is_no_forecast(): void
    {
        foreach ([[0.9, []], [1.0, [new AgeingSegment($this->start, 500.0)]], [0.0, [new AgeingSegment($this->start, 500.0)]]] as [$share, $segments]) {
            try {
                Forecast::of($share, new Interval(0.5, 0.6), $this->start, $segments, ConstantsBasis::Published);
                self::fail('It was not refused.');
            } catch (InvalidFigure $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
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
        return Forecast::of($share, new Interval($share - 0.05, min(0.995, $share + 0.02)), $this->start, [new AgeingSegment($this->start, $sigma)], ConstantsBasis::Published);
    }
}
