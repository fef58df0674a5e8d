<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Drying;

use Marrow\Core\Drying\DryingCurve;
use Marrow\Core\Fields\InvalidFigure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Weighings on the racks, from seed that dries by a known curve. */
final class DryingCurveTest extends TestCase
{
    /** @return iterable<string, array{float, float, float}> first and last mass, g, and the share of the rest that goes in an hour */
    public static function courses(): iterable
    {
        yield 'a handful, fast' => [24.0, 18.0, 0.09];
        yield 'a tray, slowly' => [840.0, 610.0, 0.012];
        yield 'hardly damp' => [100.0, 97.0, 0.03];
        yield 'dust' => [0.9, 0.5, 0.05];
    }

    #[DataProvider('courses')]
    public function test_exact_weighings_give_the_curve_back(float $start, float $final, float $rate): void
    {
        $hours = [0.0, 6.0, 14.0, 24.0, 40.0, 60.0];
        $fit = DryingCurve::fit($hours, self::weighed($hours, $start, $final, $rate));
        self::assertEqualsWithDelta($final, $fit->finalMass, $start * 1e-4);
        self::assertEqualsWithDelta($start, $fit->startMass, $start * 1e-4);
        self::assertEqualsWithDelta($rate, $fit->ratePerHour, $rate * 1e-3);
        self::assertLessThan($start * 1e-5, $fit->residual);
        foreach ([3.0, 30.0, 90.0] as $hour) {
            self::assertEqualsWithDelta($hour, $fit->hoursTo($fit->massAt($hour)), 1e-6, 'the hour of a mass is the hour at which it weighs that');
        }
        self::assertSame(0.0, $fit->hoursTo($start * 1.1), 'it was lighter from the beginning');
        self::assertNull($fit->hoursTo($final * 0.99), 'in this room it will never be so light');
    }

    #[DataProvider('courses')]
    public function test_a_kitchen_scale_moves_the_end_by_little_more_than_it_errs(float $start, float $final, float $rate): void
    {
        $chance = new Randomizer(new Mt19937(8));
        $hours = [0.0, 8.0, 16.0, 24.0, 36.0, 48.0, 72.0, 96.0, 144.0];
        $step = $start / 500;
        for ($n = 0; $n < 20; $n++) {
            $read = array_map(static fn (float $mass): float => $mass + $step * ($chance->getInt(-500, 500) / 1000), self::weighed($hours, $start, $final, $rate));
            $fit = DryingCurve::fit($hours, $read);
            self::assertEqualsWithDelta($final, $fit->finalMass, 12 * $step);
            self::assertLessThan($step, $fit->residual);
        }
    }

    /** @return iterable<string, array{list<float>, list<float>, string}> */
    public static function unreadable(): iterable
    {
        yield 'still falling as fast as at first' => [[0.0, 10.0, 20.0, 30.0], [100.0, 90.0, 80.0, 70.0], 'It is still losing weight as fast as at first, so nothing shows yet where it will end. Weigh it again later.'];
        yield 'getting heavier' => [[0.0, 10.0, 20.0, 40.0], [80.0, 84.0, 86.0, 86.5], 'It is getting heavier, not lighter: it is taking up damp, or the weighings are of different lots.'];
        yield 'dry before anybody looked again' => [[0.0, 10.0, 20.0, 30.0], [100.0, 80.0, 80.0, 80.0], 'It was dry before the second weighing, so nothing shows how fast it went.'];
    }

    /**
     * @param  list<float>  $hours
     * @param  list<float>  $masses
     */
    #[DataProvider('unreadable')]
    public function test_weighings_from_which_no_end_can_be_read_are_refused_with_the_reason(array $hours, array $masses, string $reason): void
    {
        $this->expectException(InvalidFigure::class);
        $this->expectExceptionMessage($reason);
        DryingCurve::fit($hours, $masses);
    }

    public function test_fewer_than_four_weighings_and_hours_out_of_order_are_no_course(): void
    {
        $refused = 0;
        foreach ([[[0.0, 1.0, 2.0], [9.0, 8.0, 7.5]], [[0.0, 2.0, 1.0, 3.0], [9.0, 8.0, 8.5, 7.5]], [[0.0, 1.0, 2.0, 3.0], [9.0, 8.0, 7.5]]] as [$hours, $masses]) {
            try {
                DryingCurve::fit($hours, $masses);
            } catch (InvalidFigure) {
                $refused++;
            }
        }
        self::assertSame(3, $refused);
    }

    /**
     * @param  list<float>  $hours
     * @return list<float>
     */
    private static function weighed(array $hours, float $start, float $final, float $rate): array
    {
        return array_map(static fn (float $hour): float => $final + ($start - $final) * exp(-$rate * $hour), $hours);
    }
}
