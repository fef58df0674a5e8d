<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Rota;

use Marrow\Core\Rota\Play;
use Marrow\Core\Rota\RotaLimits;
use Marrow\Core\Rota\RotaLine;
use Marrow\Core\Rota\RotaProblem;
use PHPUnit\Framework\TestCase;

/** A rota played many times over. */
final class PlayTest extends TestCase
{
    private const PLAYS = 3000;

    public function test_what_is_never_grown_is_there_as_often_as_its_seed_lives(): void
    {
        // The store's pace differs from play to play, so that it is near the chance and not on it.
        $play = Play::of(self::problem(Rotas::line('kale')), [], self::PLAYS, 1);
        self::assertEqualsWithDelta(0.35, $play->kept['kale'], 0.05);
        self::assertEqualsWithDelta(1.0 - $play->kept['kale'], $play->lost, 1e-9);
    }

    public function test_a_growing_that_never_fails_is_as_good_as_its_new_seed(): void
    {
        $line = new RotaLine('kale', 1, array_fill(0, 7, 1.0), array_fill(0, 7, 1.0), 0.0);
        self::assertSame(1.0, Play::of(self::problem($line), ['kale' => [2]], 200, 1)->kept['kale']);
    }

    public function test_it_is_never_below_what_the_rota_reckons_by_much_as_older_lots_are_fallen_back_on(): void
    {
        foreach ([[2], [1, 4], [0, 2, 4]] as $sown) {
            $problem = self::problem(Rotas::line('kale', sowings: 5));
            $kept = Play::of($problem, ['kale' => $sown], self::PLAYS, 1)->kept['kale'];
            $reckoned = (new \Marrow\Core\Rota\Survival($problem->lines[0], 6))->kept($sown);
            self::assertGreaterThan($reckoned - 0.03, $kept);
        }
    }

    public function test_the_same_seed_plays_the_same_and_another_line_changes_nothing_for_it(): void
    {
        $one = Play::of(self::problem(Rotas::line('kale')), ['kale' => [2]], 500, 7);
        $both = Play::of(self::problem(Rotas::line('kale'), Rotas::line('leek')), ['kale' => [2], 'leek' => [1]], 500, 7);
        self::assertSame($one->kept['kale'], $both->kept['kale']);
        self::assertNotSame($one->kept['kale'], Play::of(self::problem(Rotas::line('kale')), ['kale' => [2]], 500, 8)->kept['kale']);
    }

    public function test_seed_stored_better_is_lost_less(): void
    {
        $problem = self::problem(Rotas::line('kale'), Rotas::line('leek', stands: 2));
        $sown = ['kale' => [3], 'leek' => [2]];
        self::assertLessThan(Play::of($problem, $sown, 1000, 3)->lost - 0.1, Play::of($problem, $sown, 1000, 3, 0.5)->lost);
    }

    private static function problem(RotaLine ...$lines): RotaProblem
    {
        return new RotaProblem(2027, 6, 0.01, RotaLimits::none(6), array_values($lines));
    }
}
