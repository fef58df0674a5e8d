<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Selection;

use Marrow\Core\Selection\TraitYear;
use Marrow\Core\Statistics\Student;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** A trait over the years. */
final class TraitYearTest extends CoreTestCase
{
    /** By R: qt(0.975, df), qt(0.995, df). @return iterable<string, array{float, float, float}> */
    public static function quantiles(): iterable
    {
        yield 'one' => [1.0, 0.05, 12.7062047];
        yield 'four' => [4.0, 0.05, 2.7764451];
        yield 'ten' => [10.0, 0.05, 2.2281389];
        yield 'a hundred' => [100.0, 0.05, 1.9839715];
        yield 'ten, surer' => [10.0, 0.01, 3.1692727];
    }

    #[DataProvider('quantiles')]
    public function test_student(float $df, float $beyond, float $t): void
    {
        self::assertEqualsWithDelta($t, Student::beyond($df, $beyond), 1e-6);
    }

    public function test_mean_limits_and_parents(): void
    {
        // By R: t.test(c(3, 4, 5, 2, 4)) gives 2.184285 to 5.015715.
        $year = TraitYear::of([1 => 3, 2 => 4, 5 => 5, 7 => 2, 8 => 4], [2, 5, 99]);
        self::assertSame([5, 3.6, 4.5], [$year?->plants, $year?->mean, $year?->parents]);
        self::assertEqualsWithDelta([2.184285, 5.015715], [$year?->limits?->low, $year?->limits?->high], 1e-6);
        self::assertNull(TraitYear::of([], [1]));
        $one = TraitYear::of([4 => 7.5], []);
        self::assertSame([7.5, null, null], [$one?->mean, $one?->limits, $one?->parents]);
    }

    public function test_one_trait_alone_is_told_from_several_and_from_others(): void
    {
        self::assertSame('vigour', TraitYear::alone([['health', 'colour'], ['health', 'vigour'], ['health', 'Vigour'], ['health', 'vigour']], 3));
        self::assertNull(TraitYear::alone([['health', 'vigour'], ['health', 'vigour']], 3));
        self::assertNull(TraitYear::alone([['health', 'vigour'], ['health', 'vigour', 'colour'], ['health', 'vigour']], 3));
        self::assertNull(TraitYear::alone([['health'], ['health'], ['health']], 3), 'health alone is no narrowing');
    }
}
