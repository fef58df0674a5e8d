<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Statistics;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Normal;
use Marrow\Core\Statistics\NormalMixture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NormalMixtureTest extends TestCase
{
    /** @return list<array{float, float}> mark and share, by R: mean(pnorm(x, c(-2, -0.3, 0.4, 1.7, 3), 0.35)) */
    public static function shares(): array
    {
        return [[-3.0, 0.000427473], [-1.0, 0.204128887], [0.0, 0.386173315], [1.0, 0.595882023], [2.5, 0.813085647]];
    }

    #[DataProvider('shares')]
    public function test_share_below_a_mark(float $mark, float $share): void
    {
        self::assertEqualsWithDelta($share, self::hilly()->below($mark), 1e-7);
    }

    /** @return list<array{float, float}> share and mark, by R's uniroot on the same */
    public static function quantiles(): array
    {
        return [[0.001, -2.90154026], [0.05, -2.23607143], [0.25, -0.54005392], [0.5, 0.41759334], [0.9, 3.00008930], [0.95, 3.23607769], [0.9999, 4.15168436]];
    }

    #[DataProvider('quantiles')]
    public function test_mark_below_which_a_share_lies(float $share, float $mark): void
    {
        // In a dale between two hills a share to within 1e-7 leaves the mark a little freer.
        self::assertEqualsWithDelta($mark, self::hilly()->quantile($share), 2e-5);
    }

    public function test_one_middle_is_the_normal_itself(): void
    {
        $one = new NormalMixture([1.5], 2.0);
        for ($z = -7.0; $z <= 7.0; $z += 0.25) {
            self::assertEqualsWithDelta(Normal::below($z), $one->below(1.5 + 2.0 * $z), 1e-7);
        }
        foreach ([0.001, 0.2, 0.5, 0.77, 0.999] as $share) {
            self::assertEqualsWithDelta(1.5 + 2.0 * Normal::probit($share), $one->quantile($share), 2e-4);
        }
    }

    public function test_a_quantile_is_where_its_share_lies_however_far_apart_the_middles_are(): void
    {
        foreach ([[-40.0, -39.0, 2.0], [0.0, 0.0, 0.0], [-6.0, 5.0], [1e-9, -1e-9, 3.0]] as $middles) {
            foreach ([0.001, 1.0, 5.0] as $width) {
                $mixture = new NormalMixture($middles, $width);
                $before = -INF;
                foreach ([0.01, 0.1, 0.3, 0.6, 0.9, 0.99] as $share) {
                    $mark = $mixture->quantile($share);
                    self::assertGreaterThan($before, $mark);
                    self::assertLessThanOrEqual($share + 1e-5, $mixture->below($mark - 1e-6));
                    self::assertGreaterThanOrEqual($share - 1e-5, $mixture->below($mark + 1e-6));
                    $before = $mark;
                }
            }
        }
    }

    public function test_no_share_is_nothing_or_all(): void
    {
        $this->expectException(InvalidFigure::class);
        self::hilly()->quantile(1.0);
    }

    private static function hilly(): NormalMixture
    {
        return new NormalMixture([-2.0, -0.3, 0.4, 1.7, 3.0], 0.35);
    }
}
