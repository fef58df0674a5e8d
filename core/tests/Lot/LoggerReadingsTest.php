<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Fields\Refused;
use Marrow\Core\Steps\Holding\LoggerReadings;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\TestWith;

/** What a small instrument in a cupboard wrote down. */
final class LoggerReadingsTest extends CoreTestCase
{
    public function test_the_mean_of_each_month_is_what_counts(): void
    {
        $rows = [['Time', 'Temperature (°C)', 'Relative Humidity (%)']];
        foreach (['2026-05-30' => [10, 50], '2026-06-01' => [20, 60], '2026-06-02' => [22, 62], '2026-06-20' => [24, 67], '2026-07-01' => [25, 70], '2026-07-02' => [25, 70], '2026-07-03' => [25, 70]] as $day => [$t, $rh]) {
            $rows[] = ["$day 08:00", (string) $t, (string) $rh];
        }
        $read = LoggerReadings::of($rows);
        self::assertSame([
            '2026-06' => ['from' => '2026-06-01', 'temperature' => 22.0, 'rh' => 63.0, 'readings' => 3],
            '2026-07' => ['from' => '2026-07-01', 'temperature' => 25.0, 'rh' => 70.0, 'readings' => 3],
        ], $read->months, 'one day of May tells nothing of May');
    }

    public function test_columns_stand_in_any_order_and_degrees_may_be_fahrenheit(): void
    {
        $read = LoggerReadings::of([['No.', 'RH', 'Temp °F', 'Date'], ['1', '50,5', '68', '1 June 2026'], ['2', '50.5', '68', '2 June 2026'], ['3', '50.5', '68', '3 June 2026'], ['4', 'broken', '', '']]);
        self::assertSame(['2026-06' => ['from' => '2026-06-01', 'temperature' => 20.0, 'rh' => 50.5, 'readings' => 3]], $read->months);
        self::assertSame(1, $read->left, 'what cannot be read is counted');
    }

    /** @param  list<list<string>>  $rows */
    #[TestWith([[], 'days or times'])]
    #[TestWith([[['Time', 'RH'], ['2026-06-01', '50']], 'temperatures'])]
    #[TestWith([[['Time', 'Temperature'], ['2026-06-01', '20']], 'humidities'])]
    #[TestWith([[['Time', 'Temperature', 'RH'], ['2026-06-01', '20', '50']], 'at least 3 days'])]
    #[TestWith([[['Time', 'Temperature', 'RH'], ['2026-06-01', '200', '50'], ['2026-06-02', '20', '500'], ['x', '20', '50']], 'at least 3 days'])]
    public function test_what_tells_nothing_is_refused_in_words(array $rows, string $said): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage($said);
        LoggerReadings::of($rows);
    }
}
