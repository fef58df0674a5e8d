<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Year;

use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Year\Frosts;
use PHPUnit\Framework\Attributes\DataProvider;

/** Which frost bears on what stands outside, in a garden north of the equator and in one where winter lies within the year. */
final class FrostsTest extends CoreTestCase
{
    #[DataProvider('lasts')]
    public function test_the_last_frost_that_bears_on_what_stands_outside(string $last, string $first, string $outside, string $frost, bool $catches): void
    {
        $frosts = new Frosts($last, $first);
        self::assertSame($frost, $frosts->lastFrom(new \DateTimeImmutable($outside))->format('Y-m-d'));
        self::assertSame($catches, $frosts->catches(new \DateTimeImmutable($outside)));
    }

    /** @return iterable<string, array{string, string, string, string, bool}> */
    public static function lasts(): iterable
    {
        yield 'in spring, before it' => ['04-30', '10-20', '2026-04-29', '2026-04-30', true];
        yield 'on its day it is over' => ['04-30', '10-20', '2026-04-30', '2026-04-30', false];
        yield 'in summer' => ['04-30', '10-20', '2026-07-01', '2026-04-30', false];
        yield 'the day before autumn frosts' => ['04-30', '10-20', '2026-10-19', '2026-04-30', false];
        yield 'from the first of them on it is next spring’s' => ['04-30', '10-20', '2026-10-20', '2027-04-30', true];
        yield 'where winter lies within the year it is that year’s' => ['10-05', '05-10', '2026-06-01', '2026-10-05', true];
        yield 'and over in summer' => ['10-05', '05-10', '2026-12-01', '2026-10-05', false];
    }

    #[DataProvider('firsts')]
    public function test_the_first_frost_after_a_day(string $day, string $frost): void
    {
        self::assertSame($frost, (new Frosts('04-30', '10-20'))->firstAfter(new \DateTimeImmutable($day))->format('Y-m-d H:i'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function firsts(): iterable
    {
        yield 'before it' => ['2026-10-19 09:00', '2026-10-20 09:00'];
        yield 'on its day' => ['2026-10-20 09:00', '2026-10-20 09:00'];
        yield 'after it' => ['2026-10-21 09:00', '2027-10-20 09:00'];
    }
}
