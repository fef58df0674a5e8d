<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Season;

use DateTimeImmutable;
use DateTimeZone;
use Marrow\Core\Season\CageRota;
use Marrow\Core\Season\SeasonPlan;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Drawing;
use PHPUnit\Framework\Attributes\DataProvider;

final class CageRotaTest extends CoreTestCase
{
    /** @param  array<string, string>  $cages  crop of each */
    #[DataProvider('gardens')]
    public function test_no_two_that_could_cross_stand_open_on_one_day_and_each_has_its_turn(array $cages, int $every): void
    {
        $drawing = new Drawing(self::crops());
        $x = 0;
        foreach ($cages as $id => $crop) {
            $drawing->plant($id, $crop, $x += 4, 0, '2027-05-01', ['cover' => 'alternate']);
        }
        $plan = $drawing->plan();
        $open = [];
        foreach ($plan->plantings as $planting) {
            $rota = CageRota::of($plan, $planting);
            self::assertSame($every, $rota->every);
            for ($n = 0; $n < 30; $n++) {
                $day = self::day('2027-06-20')->modify("+$n days");
                if ($rota->openFrom($day) == $day) {
                    $open[$day->format('m-d')][] = $planting->id;
                }
            }
        }
        foreach ($open as $day => $ids) {
            self::assertCount(1, $ids, "on $day");
        }
        self::assertCount($every === count($cages) ? 30 : 15, $open);
    }

    /** @return iterable<string, array{array<string, string>, int}> */
    public static function gardens(): iterable
    {
        yield 'one alone rests every other day' => [['a' => 'squash-pepo'], 2];
        yield 'two' => [['a' => 'squash-pepo', 'b' => 'squash-pepo'], 2];
        yield 'three' => [['a' => 'squash-pepo', 'b' => 'squash-pepo', 'c' => 'squash-pepo'], 3];
        yield 'two crops of one species' => [['a' => 'chard', 'b' => 'beetroot', 'c' => 'chard'], 3];
    }

    public function test_others_that_cannot_cross_with_it_have_no_turn(): void
    {
        $plan = $this->plan(static fn (Drawing $drawing) => $drawing->plant('a', 'squash-pepo', 0, 0, more: ['cover' => 'alternate'])->plant('b', 'onion', 4, 0, more: ['cover' => 'alternate']));
        self::assertSame([], CageRota::of($plan, $plan->plantings[0])->others);
    }

    public function test_two_plantings_of_one_variety_open_together(): void
    {
        $plan = $this->plan(static fn (Drawing $drawing) => $drawing
            ->plant('a', 'squash-pepo', 0, 0, more: ['cover' => 'alternate', 'variety' => 'V'])
            ->plant('b', 'squash-pepo', 4, 0, more: ['cover' => 'alternate', 'variety' => 'V'])
            ->plant('c', 'squash-pepo', 8, 0, more: ['cover' => 'alternate', 'variety' => 'W']));
        $turns = array_map(static fn ($planting): int => CageRota::of($plan, $planting)->turn, $plan->plantings);
        self::assertSame([0, 0, 1], $turns);
    }

    private function plan(\Closure $draw): SeasonPlan
    {
        return $draw(new Drawing(self::crops()))->plan();
    }

    private static function day(string $day): DateTimeImmutable
    {
        return new DateTimeImmutable($day, new DateTimeZone('UTC'));
    }
}
