<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Fields;

use DateTimeImmutable;
use Marrow\Core\Fields\DayOf;
use Marrow\Core\Fields\DayText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DayTextTest extends TestCase
{
    #[DataProvider('saidFromToday')]
    public function test_a_day_is_read_as_it_is_said_from_today(string $text, DayOf $of, ?string $day): void
    {
        self::assertSame($day, DayText::read($text, false, new DateTimeImmutable('2026-09-14 10:00'), $of), $text);
        self::assertNull(DayText::read($text, false), 'who does not know what day it is cannot say');
    }

    /** @return iterable<array{string, DayOf, ?string}> 14 September 2026 is a Monday */
    public static function saidFromToday(): iterable
    {
        yield ['yesterday', DayOf::Past, '2026-09-13'];
        yield ['Today', DayOf::Past, '2026-09-14'];
        yield ['tomorrow', DayOf::Nearest, '2026-09-15'];
        yield ['3 days ago', DayOf::Past, '2026-09-11'];
        yield ['a week ago', DayOf::Past, '2026-09-07'];
        yield ['Saturday', DayOf::Past, '2026-09-12'];
        yield ['last Monday', DayOf::Nearest, '2026-09-07'];
        yield ['next fri', DayOf::Past, '2026-09-18'];
        yield ['3 July', DayOf::Past, '2026-07-03'];
        yield ['July 3rd', DayOf::Past, '2026-07-03'];
        yield ['20 December', DayOf::Past, '2025-12-20'];
        yield ['20 December', DayOf::Nearest, '2026-12-20'];
        yield ['2 January', DayOf::Nearest, '2027-01-02'];
        yield ['2 January', DayOf::ToCome, '2027-01-02'];
        yield ['3.7.', DayOf::Past, '2026-07-03'];
        yield ['3/7', DayOf::Past, '2026-07-03'];
        yield ['29 Feb', DayOf::Past, null];
        yield ['32 July', DayOf::Past, null];
        yield ['someday', DayOf::Past, null];
        yield ['sunrise', DayOf::Past, null];
        yield ['7', DayOf::Past, null];
    }

    #[DataProvider('days')]
    public function test_a_day_is_read_as_people_write_it(string $text, ?string $day, ?bool $monthFirst = null): void
    {
        self::assertSame($day, DayText::read($text, $monthFirst));
    }

    /** @return iterable<array{0: string, 1: ?string, 2?: bool}> */
    public static function days(): iterable
    {
        yield ['2026-09-14', '2026-09-14'];
        yield ['14 September 2026', '2026-09-14'];
        yield [' 14 sept. 2026 ', '2026-09-14'];
        yield ['3rd Mar 2026', '2026-03-03'];
        yield ['September 14, 2026', '2026-09-14'];
        yield ['Sep 4 2026', '2026-09-04'];
        yield ['14.9.2026', '2026-09-14'];
        yield ['04. 09. 2026', '2026-09-04'];
        yield ['14/9/2026', '2026-09-14'];
        yield ['9/14/2026', '2026-09-14'];
        yield ['5/5/2026', '2026-05-05'];
        yield ['10.3.24', '2024-03-10'];
        yield ['1/2/98', '1998-02-01', false];
        yield ['9/4/2026', null];
        yield ['9/4/2026', '2026-09-04', true];
        yield ['9/4/2026', '2026-04-09', false];
        yield ['29 February 2028', '2028-02-29'];
        yield ['29 February 2027', null];
        yield ['31.9.2026', null];
        yield ['14 Sepulchre', null];
        yield ['14 Foo 2026', null];
        yield ['soon', null];
        yield ['', null];
        yield ['2026-9-14', null];
    }

    #[DataProvider('daysOfYear')]
    public function test_so_is_a_day_of_any_year(string $text, ?string $day): void
    {
        self::assertSame($day, DayText::ofYear($text));
    }

    /** @return iterable<array{string, ?string}> */
    public static function daysOfYear(): iterable
    {
        yield ['04-30', '04-30'];
        yield ['30 April', '04-30'];
        yield ['April 30', '04-30'];
        yield ['30.4.', '04-30'];
        yield ['30. 4', '04-30'];
        yield ['29 February', '02-29'];
        yield ['31 April', null];
        yield ['spring', null];
    }
}
