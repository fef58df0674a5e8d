<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Season;

use DateTimeImmutable;
use DateTimeZone;
use Marrow\Core\Isolation\Compatibility;
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

    /** Three crops of which one crosses with both others, as broccoli, swede and Chinese cabbage do: every such three of the handbook. */
    public function test_cages_with_a_common_partner_keep_one_rota(): void
    {
        $crops = self::crops()->all();
        $partners = [];
        foreach ($crops as $crop) {
            foreach ($crops as $other) {
                if ($crop->key < $other->key && Compatibility::between($crop, $other) > 0.0) {
                    $partners[$crop->key][] = $other->key;
                    $partners[$other->key][] = $crop->key;
                }
            }
        }
        $tried = 0;
        foreach ($partners as $middle => $others) {
            foreach ($others as $i => $one) {
                foreach (array_slice($others, $i + 1) as $two) {
                    $this->assertApart([$middle, $one, $two]);
                    $tried++;
                }
            }
        }
        self::assertGreaterThan(30, $tried);
        self::assertContains('swede', $partners['broccoli']);
    }

    /** @param  list<string>  $crops */
    private function assertApart(array $crops): void
    {
        $plan = $this->plan(static function (Drawing $drawing) use ($crops): Drawing {
            foreach ($crops as $i => $crop) {
                $drawing->plant("p$i", $crop, 4 * $i, 0, more: ['cover' => 'alternate']);
            }

            return $drawing;
        });
        $day = self::day('2027-06-20');
        foreach ($plan->plantings as $a) {
            foreach ($plan->plantings as $b) {
                if ($a->id === $b->id || Compatibility::between($a->crop, $b->crop) <= 0.0) {
                    continue;
                }
                for ($n = 0; $n < 12; $n++) {
                    $at = $day->modify("+$n days");
                    self::assertFalse(
                        CageRota::of($plan, $a)->openFrom($at) == $at && CageRota::of($plan, $b)->openFrom($at) == $at,
                        implode(', ', $crops).' on '.$at->format('j F'),
                    );
                }
            }
        }
    }
}
