<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Fields;

use Marrow\Core\Fields\DayText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DayTextTest extends TestCase
{
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
