<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Voice\Figures;
use App\Voice\UnitSystem;
use Marrow\Core\Fields\Field;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Metric and US customary units, and figures as they are said in sentences. */
final class UnitSystemTest extends TestCase
{
    #[DataProvider('typed')]
    public function test_what_is_typed_reaches_the_core_in_metric(Field $input, string $typed, string $metric): void
    {
        self::assertSame($metric, UnitSystem::Us->read($input, $typed));
        self::assertSame($typed, UnitSystem::Metric->read($input, $typed), 'metric is left alone');
    }

    /** @return iterable<string, array{Input, string, string}> */
    public static function typed(): iterable
    {
        $temperature = Field::number('temperature', 't', '°C', -20, 40);
        yield 'freezing' => [$temperature, '32', '0'];
        yield 'below zero' => [$temperature, '-4', '-20'];
        yield 'with blanks' => [$temperature, ' 212 ', '100'];
        yield 'what is no number is left to be refused as it stands' => [$temperature, 'warm', 'warm'];
        yield 'a change of temperature' => [Field::number('temperature_change', 't', '°C', -50, 50), '-9', '-5'];
        yield 'an ounce' => [Field::number('mass', 'm', 'g', 0, 1000), '1', '28.349523125'];
        yield 'half an ounce' => [Field::number('mass', 'm', 'g', 0, 1000), '½', '14.1747615625'];
        yield 'half an ounce, on the keys' => [Field::number('mass', 'm', 'g', 0, 1000), '1/2', '14.1747615625'];
        yield 'an ounce and a half' => [Field::number('mass', 'm', 'g', 0, 1000), '1 1/2', '42.5242846875'];
        yield 'with a decimal comma' => [Field::number('mass', 'm', 'g', 0, 10_000), '11,5', '326.019515937'];
        yield 'with a unit of its own' => [Field::number('mass', 'm', 'g', 0, 1000), '½ lb', '½ lb'];
        yield 'what can be read in two ways is left to be asked about' => [Field::number('mass', 'm', 'g', 0, 100_000), '1,200', '1,200'];
        yield 'ounces with decimal commas' => [Field::numbers('masses', 'm', 'g', 0, 1000), '0,5 1', '14.1747615625,28.349523125'];
        yield 'a list of ounces' => [Field::numbers('masses', 'm', 'g', 0, 1000), '1, 2,x', '28.349523125,56.69904625,x'];
        yield 'feet' => [Field::number('distance', 'd', 'm', 0, 1000), '100', '30.48'];
        yield 'per cent is the same everywhere' => [Field::number('moisture', 'm', '% of wet mass', 0, 100), '9', '9'];
        yield 'stores one after another' => [Field::segments('segments', 's', 1000), '100:8:68,30:7:41', '100:8:20,30:7:5'];
        yield 'half a store' => [Field::segments('segments', 's', 1000), '100:8', '100:8'];
    }

    public function test_there_and_back_is_the_same(): void
    {
        foreach (['°C', 'g', 'm', 'hPa'] as $unit) {
            foreach ([false, true] as $change) {
                foreach ([-18.0, 0.0, 21.5, 1234.0] as $value) {
                    self::assertEqualsWithDelta($value, UnitSystem::Us->toCore($unit, UnitSystem::Us->fromCore($unit, $value, $change), $change), 1e-9, $unit);
                    self::assertSame($value, UnitSystem::Metric->fromCore($unit, $value, $change));
                }
            }
        }
    }

    public function test_masses_are_said_in_the_unit_that_suits_them(): void
    {
        $said = static fn (float $grams, UnitSystem $units): string => str_replace("\u{00A0}", ' ', Figures::mass($grams, $units));
        self::assertSame(['0.0123 g', '41.2 g', '12.5 kg'], [$said(0.01234, UnitSystem::Metric), $said(41.23, UnitSystem::Metric), $said(12_500, UnitSystem::Metric)]);
        self::assertSame(['1.45 oz', '27.6 lb'], [$said(41.23, UnitSystem::Us), $said(12_500, UnitSystem::Us)]);
    }

    #[DataProvider('times')]
    public function test_time_is_said_roughly(float $days, string $said): void
    {
        self::assertSame($said, str_replace("\u{00A0}", ' ', Figures::days($days)));
    }

    /** @return iterable<array{float, string}> */
    public static function times(): iterable
    {
        yield [0.001, 'less than an hour'];
        yield [0.5, '12 hours'];
        yield [1.6, '2 days'];
        yield [59.0, '59 days'];
        yield [100.0, '3 months'];
        yield [657.8, '22 months'];
        yield [1000.0, '2.7 years'];
        yield [5000.0, '14 years'];
        yield [1e9, 'more than 500 years'];
    }

    #[DataProvider('chances')]
    public function test_a_chance_is_said_in_times(float $share, string $said): void
    {
        self::assertSame($said, str_replace("\u{00A0}", ' ', Figures::oneIn($share)));
    }

    /** @return iterable<array{float, string}> */
    public static function chances(): iterable
    {
        yield [0.0, 'never'];
        yield [0.0002, 'less than 1 time in 1 000'];
        yield [0.027, '1 time in 37'];
        yield [0.05, '1 time in 20'];
        yield [0.25, '25 times in 100'];
        yield [0.95, '95 times in 100'];
        yield [0.9999, 'more than 99 times in 100'];
        yield [1.0, 'every time'];
    }

    public function test_a_share_near_nothing_is_not_called_about_nothing(): void
    {
        self::assertSame("about 8\u{00A0}%", Figures::about(0.079));
        self::assertSame("under 1\u{00A0}%", Figures::about(0.003));
        self::assertSame("over 99\u{00A0}%", Figures::about(0.998));
    }
}
