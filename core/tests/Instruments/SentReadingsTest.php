<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Instruments;

use DateTimeImmutable;
use DateTimeZone;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Instruments\AirFollows;
use Marrow\Core\Instruments\DailyList;
use Marrow\Core\Instruments\DaySummary;
use Marrow\Core\Instruments\ForecastDay;
use Marrow\Core\Instruments\ForecastRecord;
use Marrow\Core\Instruments\InstrumentKind;
use Marrow\Core\Instruments\Measure;
use Marrow\Core\Instruments\PrevailingWind;
use Marrow\Core\Instruments\Reading;
use Marrow\Core\Instruments\SentReadings;
use Marrow\Core\Instruments\Unreadable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SentReadingsTest extends TestCase
{
    private static function now(): DateTimeImmutable
    {
        return new DateTimeImmutable('2026-09-14 10:00', new DateTimeZone('Europe/London'));
    }

    public function test_what_can_be_is_read_and_the_rest_is_counted(): void
    {
        $read = SentReadings::of(['readings' => [
            ['at' => '2026-09-14T08:00:00Z', 'temperature_c' => 18.2, 'rh' => 52],
            ['at' => '2026-09-14T09:30:00', 'temperature_c' => 18, 'rain_mm' => 3],
            ['at' => '2026-09-14T08:10:00Z', 'temperature_c' => 'warm', 'rh' => 140],
            ['at' => 'yesterday', 'temperature_c' => 18],
            ['at' => '2020-01-01T08:00:00Z', 'temperature_c' => 18],
            ['at' => '2026-09-17T08:00:00Z', 'temperature_c' => 18],
            'nonsense',
        ]], InstrumentKind::Logger->measures(), self::now());
        // Summer time: eight o'clock there is nine here. What a logger does not measure is nobody's; six could not be used.
        self::assertSame([['temperature', '09:00', 18.2], ['humidity', '09:00', 52.0], ['temperature', '09:30', 18.0]], array_map(static fn (Reading $one): array => [$one->measure->value, $one->at->format('H:i'), $one->value], $read->readings));
        self::assertSame(6, $read->left);
    }

    #[DataProvider('strange')]
    public function test_what_is_no_reading_at_all_is_said(mixed $sent, string $says): void
    {
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage($says);
        SentReadings::of($sent, InstrumentKind::Logger->measures(), self::now());
    }

    /** @return iterable<array{mixed, string}> */
    public static function strange(): iterable
    {
        yield 'nothing' => [null, 'no readings'];
        yield 'another thing' => [['temperature' => 3], 'no readings'];
        yield 'a clock that is wrong' => [['readings' => [['at' => '2027-01-01T00:00:00Z', 'temperature_c' => 3]]], 'Its clock is ahead'];
        yield 'too many' => [['readings' => array_fill(0, 5001, [])], '5000 is the most'];
    }

    public function test_days_gone_by_are_read_from_a_list_whatever_its_headings(): void
    {
        $list = DailyList::of([
            ['Datum', 'Tmin (°F)', 'Tmax °F', 'Rain mm', 'Note'],
            ['2025-05-01', '41', '59', '0', 'fine'],
            ['2.5.2025', '50', '', '3,5', ''],
            ['2025-05-03', 'cold', '400', '1', ''],
            ['2027-01-01', '41', '59', '0', ''],
            ['soon', '41', '59', '0', ''],
        ], InstrumentKind::Weather->measures(), self::now());
        self::assertSame([['05-01 05', 5.0], ['05-01 15', 15.0], ['05-01 12', 0.0], ['05-02 05', 10.0], ['05-02 12', 3.5], ['05-03 12', 1.0]], array_map(static fn (Reading $one): array => [$one->at->format('m-d H'), $one->value], $list->readings));
        self::assertSame([3, 4], [$list->days, $list->left]);
        foreach ([[['Tmin']], [['Day', 'Clouds'], ['2025-05-01', 'many']], [['Day', 'Rain'], ['soon', '3']]] as $rows) {
            try {
                DailyList::of($rows, InstrumentKind::Weather->measures(), self::now());
                self::fail((string) json_encode($rows));
            } catch (Refused $refused) {
                self::assertSame('rows', $refused->path);
            }
        }
    }

    public function test_a_wind_has_no_mean_by_its_bearing_but_by_its_parts(): void
    {
        $read = SentReadings::of(['readings' => [['at' => '2026-09-14T08:00:00', 'wind_ms' => 4, 'wind_from' => 350], ['at' => '2026-09-14T09:00:00', 'wind_ms' => 4, 'wind_from' => 10], ['at' => '2026-09-14T09:10:00', 'wind_from' => 10]]], InstrumentKind::Weather->measures(), self::now());
        $mean = static fn (Measure $of): float => array_sum(array_map(static fn (Reading $one): float => $one->measure === $of ? $one->value : 0.0, $read->readings)) / 2;
        $wind = PrevailingWind::of($mean(Measure::WindEast), $mean(Measure::WindNorth), $mean(Measure::Wind));
        // From 350 and from 10 degrees it comes from the north, and not from 180.
        self::assertEqualsWithDelta(0.0, sin(deg2rad($wind?->from ?? 90.0)), 1e-9);
        self::assertEqualsWithDelta(cos(deg2rad(10)), $wind?->steadiness, 1e-9);
        self::assertEqualsWithDelta(225.0, PrevailingWind::of(-1.0, -1.0, 3.0)?->from, 1e-9);
        self::assertNull(PrevailingWind::of(0.1, 0.1, 3.0), 'from everywhere');
        self::assertNull(PrevailingWind::of(0.0, 0.0, 0.0), 'a calm');
    }

    public function test_a_day_is_left_as_what_it_had(): void
    {
        $day = DaySummary::of(3.0)->with(DaySummary::of(-1.0))->with(DaySummary::of(4.0));
        self::assertSame([-1.0, 4.0, 2.0, 3], [$day->least, $day->greatest, $day->mean(), $day->readings]);
        self::assertSame([6.0, 2.0], [$day->figure(Measure::Rain), $day->figure(Measure::Temperature)], 'rain adds up');
    }

    public function test_a_forecast_is_read_day_by_day_and_what_is_past_or_far_is_left_out(): void
    {
        $days = ForecastDay::sent(['forecast' => [
            ['day' => '2026-09-16', 'low_c' => 2, 'rain_chance' => 0.5],
            ['day' => '2026-09-13', 'low_c' => 2],
            ['day' => '2026-09-15', 'low_c' => 400, 'rain_mm' => 0.4],
            ['day' => '2027-09-15'],
            ['day' => 'soon'],
        ]], self::now());
        self::assertSame(['2026-09-15', '2026-09-16'], array_map(static fn (ForecastDay $day): string => $day->day, $days));
        self::assertSame([null, 2.0], [$days[0]->low, $days[1]->low]);
        self::assertSame([false, true], [$days[0]->isRainLikely(), $days[1]->isRainLikely()]);
        self::assertSame([], ForecastDay::sent('nonsense', self::now()));
    }

    public function test_what_it_said_is_held_against_what_came(): void
    {
        $said = static fn (float $chance, float $low): ForecastDay => new ForecastDay('2026-09-10', $low, null, null, $chance);
        $record = ForecastRecord::of([[$said(0.8, 4.0), 5.0, 3.0], [$said(0.7, 6.0), 0.2, 6.5], [$said(0.2, 5.0), 3.0, 3.5], [$said(0.1, 5.0), 0.0, null], [$said(0.9, 5.0), null, 5.0]]);
        // Foretold twice of four days that were measured, fell once of them; nights off by 1, −0.5, 1.5 and 0.
        self::assertSame([2, 1, 1, 4], [$record->foretold, $record->fell, $record->unforeseen, $record->days]);
        self::assertEqualsWithDelta([0.75, 0.5], [$record->lowError, $record->lowBias], 1e-12);
        self::assertNull(ForecastRecord::of([])->lowError);
    }

    public function test_the_air_of_a_place_is_written_down_anew_only_where_it_has_become_another(): void
    {
        self::assertNull(AirFollows::anew([18.0, 18.4, 18.2], [50.0, 51.0, 52.0], 18.0, 50.0));
        self::assertSame([19.4, 51.0], AirFollows::anew([19.0, 19.4, 19.8], [50.0, 51.0, 52.0], 18.0, 50.0));
        self::assertSame([18.1, 60.0], AirFollows::anew([18.0, 18.2, 18.1], [60.0, 60.0, 60.0], 18.0, 50.0));
        self::assertNull(AirFollows::anew([25.0, 25.0], [60.0, 60.0], 18.0, 50.0), 'two days are no air');
        self::assertSame([18.0, 50.0], AirFollows::anew([18.0, 18.0, 18.0], [], null, 50.0), 'nobody had measured it');
    }
}
