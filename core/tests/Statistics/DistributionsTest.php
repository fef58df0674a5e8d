<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Statistics;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Beta;
use Marrow\Core\Statistics\ChiSquare;
use Marrow\Core\Statistics\Gamma;
use Marrow\Core\Statistics\Normal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Against R 4.2's pnorm, qnorm, pchisq, lgamma and pbeta, printed to 16 digits. */
final class DistributionsTest extends TestCase
{
    private const ACCURACY = 1e-10;

    #[DataProvider('normals')]
    public function test_normal_distribution(float $z, float $below): void
    {
        self::assertEqualsWithDelta($below, Normal::below($z), self::ACCURACY);
        self::assertEqualsWithDelta(1.0, Normal::below($z) / $below, self::ACCURACY, 'the tail is right relative to its size');
    }

    /** @return iterable<array{float, float}> */
    public static function normals(): iterable
    {
        yield [-8.0, 6.220960574271785e-16];
        yield [-3.1, 0.0009676032132183563];
        yield [-1.959963984540054, 0.025];
        yield [-0.2, 0.420740290560897];
        yield [0.0, 0.5];
        yield [0.5, 0.691462461274013];
        yield [2.7, 0.9965330261969594];
        yield [5.0, 0.9999997133484281];
    }

    #[DataProvider('probits')]
    public function test_probit(float $p, float $z): void
    {
        self::assertEqualsWithDelta($z, Normal::probit($p), self::ACCURACY);
    }

    /** @return iterable<array{float, float}> */
    public static function probits(): iterable
    {
        yield [1e-12, -7.034483825301132];
        yield [0.001, -3.090232306167813];
        yield [0.025, -1.959963984540054];
        yield [0.3, -0.5244005127080407];
        yield [0.5, 0.0];
        yield [0.7, 0.5244005127080407];
        yield [0.94, 1.554773594596853];
        yield [0.999, 3.090232306167813];
    }

    public function test_probit_is_the_inverse_of_the_distribution(): void
    {
        for ($p = 0.0005; $p < 1.0; $p += 0.0137) {
            self::assertEqualsWithDelta($p, Normal::below(Normal::probit($p)), 1e-14);
        }
    }

    public function test_there_is_no_probit_of_none_or_all(): void
    {
        $this->expectException(InvalidFigure::class);
        Normal::probit(1.0);
    }

    #[DataProvider('chiSquares')]
    public function test_chi_square(float $x, int $freedom, float $above): void
    {
        self::assertEqualsWithDelta($above, ChiSquare::above($x, $freedom), self::ACCURACY);
    }

    /** @return iterable<array{float, int, float}> */
    public static function chiSquares(): iterable
    {
        yield [0.0, 3, 1.0];
        yield [0.5, 1, 0.4795001221869535];
        yield [3.2144, 3, 0.3597353569939627];
        yield [25.34917, 3, 1.305079920858371e-05];
        yield [100.0, 80, 0.06457036892113299];
        yield [10.0, 1, 0.001565402258002552];
        yield [0.001, 2, 0.9995001249791693];
    }

    #[DataProvider('logGammas')]
    public function test_log_gamma(float $x, float $log): void
    {
        self::assertEqualsWithDelta($log, Gamma::log($x), max(1.0, abs($log)) * self::ACCURACY);
    }

    /** @return iterable<array{float, float}> */
    public static function logGammas(): iterable
    {
        yield [0.1, 2.252712651734206];
        yield [0.5, 0.5723649429247001];
        yield [1.0, 0.0];
        yield [1.5, -0.1207822376352452];
        yield [3.0, 0.6931471805599453];
        yield [10.25, 13.36802367147605];
        yield [171.3, 708.1149470389971];
        yield [1e6, 12815504.56914761];
    }

    #[DataProvider('betas')]
    public function test_incomplete_beta(float $x, float $a, float $b, float $share): void
    {
        self::assertEqualsWithDelta($share, Beta::regularised($x, $a, $b), self::ACCURACY);
    }

    /** @return iterable<array{float, float, float, float}> */
    public static function betas(): iterable
    {
        yield [0.3, 2.0, 5.0, 0.579825];
        yield [0.82, 24.0, 11.0, 0.968424415378039];
        yield [0.01, 0.5, 0.5, 0.06376856085851984];
        yield [0.5, 500.0, 480.0, 0.2613560064678647];
        yield [0.0, 3.0, 3.0, 0.0];
        yield [1.0, 3.0, 3.0, 1.0];
    }

    public function test_binomial_tail_by_counting(): void
    {
        // 3 seeds at 0.5: 1, 7/8, 4/8, 1/8, none.
        foreach ([1.0, 7 / 8, 4 / 8, 1 / 8, 0.0] as $least => $chance) {
            self::assertEqualsWithDelta($chance, Beta::binomialAtLeast($least, 3, 0.5), 1e-14);
        }
    }
}
