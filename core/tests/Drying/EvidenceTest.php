<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Drying;

use Marrow\Core\Drying\Balance;
use Marrow\Core\Drying\Evidence;
use Marrow\Core\Drying\HandSign;
use Marrow\Core\Drying\IndicatorCard;
use Marrow\Core\Drying\MoistureReading;
use Marrow\Core\Drying\OpenCourse;
use Marrow\Core\Drying\SignResult;
use Marrow\Core\Drying\Witness;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** How moist seed is by all that is known of it. */
final class EvidenceTest extends CoreTestCase
{
    /**
     * By R: on 97 steps from 0.02 to 0.98, 1 from 0.20 and 0.02 below it, times e + (1 − 2e)/(1 + exp((h − half)/spread)) or what is left
     * to 1, all but the first sign by its root; the points of its sum within a step on a line.
     *
     * @return iterable<string, array{list<SignResult>, float, float, float}> signs; RH in the middle and at its ends
     */
    public static function hands(): iterable
    {
        yield 'it snaps' => [[SignResult::Snaps], 0.374132, 0.209533, 0.821973];
        yield 'it snaps, cracks and runs' => [[SignResult::RunsFreely, SignResult::Snaps, SignResult::Cracks], 0.349154, 0.207085, 0.556073];
        yield 'it bends, but runs' => [[SignResult::Bends, SignResult::RunsFreely], 0.649692, 0.339320, 0.944730];
    }

    /** @param  list<SignResult>  $signs */
    #[DataProvider('hands')]
    public function test_the_hand_gives_a_range(array $signs, float $middle, float $low, float $high): void
    {
        $balance = self::crop('french-bean')->balance;
        $evidence = Evidence::guessed($balance, $signs, null);
        self::assertNotNull($evidence);
        self::assertSame(Witness::Signs, $evidence->decidedBy);
        self::assertEqualsWithDelta([$balance->moisture($middle, 20.0), $balance->moisture($low, 20.0), $balance->moisture($high, 20.0)], [$evidence->moisture, $evidence->low, $evidence->high], 1e-4);
    }

    public function test_no_hand_is_ever_sure_enough_for_a_jar(): void
    {
        $all = array_map(static fn (HandSign $sign): SignResult => $sign->dry(), HandSign::cases());
        foreach (['french-bean', 'tomato', 'carrot', 'maize', 'lettuce'] as $key) {
            $crop = self::crop($key);
            self::assertGreaterThan((float) $crop->jarMoisture, Evidence::guessed($crop->balance, $all, null)?->high, $key);
        }
    }

    public function test_every_sign_speaks_for_dry_seed_when_dry_and_is_one_of_two(): void
    {
        foreach (HandSign::cases() as $sign) {
            self::assertSame([$sign, $sign, true, false], [$sign->dry()->sign(), $sign->damp()->sign(), $sign->dry()->isDry(), $sign->damp()->isDry()]);
            self::assertEqualsWithDelta(0.5, $sign->calledDry($sign->turnsAt()), 1e-12);
            $before = 1.0;
            foreach (range(5, 95, 5) as $rh) {
                $now = $sign->calledDry($rh / 100);
                self::assertLessThan($before, $now);
                self::assertEqualsWithDelta(1.0, $sign->dry()->likelihood($rh / 100) + $sign->damp()->likelihood($rh / 100), 1e-12);
                $before = $now;
            }
        }
    }

    public function test_what_contradicts_a_reading_is_named(): void
    {
        $balance = self::crop('french-bean')->balance;
        $jar = MoistureReading::jar($balance, 0.58, 20.0);
        self::assertSame([SignResult::Snaps], Evidence::read($balance, $jar, [], [SignResult::Snaps, SignResult::Cracks, SignResult::RunsFreely])->against, 'at 58 % a tooth may well crack it');
        $card = static fn (string $states): MoistureReading => MoistureReading::card($balance, IndicatorCard::of([0.3, 0.4, 0.5], explode(' ', $states)), 20.0);
        self::assertSame([Witness::Card], Evidence::read($balance, $jar, [$card('between dry dry')])->against);
        self::assertSame([], Evidence::read($balance, $jar, [$card('damp damp damp')])->against, 'damper than 50 % it is');
        // In air of 30 % for three weeks nothing is as damp as that.
        $dryAir = (new OpenCourse($balance, 0.30, 20.0, true, false))->guesses(500.0);
        self::assertSame([Witness::Air], Evidence::read($balance, $jar, [], [], $dryAir)->against);
        self::assertSame([], Evidence::read($balance, $jar, [], [], (new OpenCourse($balance, 0.60, 20.0, true, false))->guesses(500.0))->against);
    }

    public function test_the_air_alone_draws_near_its_balance_with_the_hours(): void
    {
        $balance = self::crop('lettuce')->balance;
        $course = new OpenCourse($balance, 0.40, 20.0, true, true);
        $width = INF;
        foreach ([24.0, 96.0, 240.0, 1000.0] as $hours) {
            $evidence = Evidence::guessed($balance, [], $course->guesses($hours));
            self::assertNotNull($evidence);
            self::assertSame(Witness::Air, $evidence->decidedBy);
            self::assertLessThan($width, $evidence->high - $evidence->low);
            $width = $evidence->high - $evidence->low;
        }
        self::assertEqualsWithDelta($balance->moisture(0.40, 20.0), $evidence->moisture, 0.5);
        self::assertNull(Evidence::guessed($balance, [], null));
    }

    public function test_open_seed_is_dry_by_its_air_or_never(): void
    {
        $balance = self::crop('lettuce')->balance;
        $course = new OpenCourse($balance, 0.25, 20.0, true, true);
        [$soon, $middle, $late] = $course->until(8.0);
        self::assertTrue($soon < $middle && $middle < $late);
        // By hand: from 45 % (81.818 on dry matter) at 0.02 an hour to 8 % (8.695652) above the balance.
        $ends = $balance->dryBasis(0.25, 20.0);
        self::assertEqualsWithDelta(log((81.8181818 - $ends) / (8.6956522 - $ends)) / 0.02, $middle, 1e-3);
        self::assertEqualsWithDelta(8.0, $course->after((float) $middle)[1], 1e-6);
        self::assertSame([null, null, null], (new OpenCourse($balance, 0.70, 20.0, true, true))->until(7.0));
    }

    public function test_a_range_counts_by_its_damp_end_and_goes_with_the_weight(): void
    {
        $balance = self::crop('french-bean')->balance;
        $card = MoistureReading::card($balance, IndicatorCard::of([0.3, 0.4, 0.5], ['between', 'dry', 'dry']), 20.0);
        self::assertSame($card->high, $card->counted());
        self::assertEqualsWithDelta($balance->moisture(0.35, 20.0), $card->high, 1e-12);
        $damp = MoistureReading::card($balance, IndicatorCard::of([0.3, 0.4, 0.5], ['damp', 'damp', 'damp']), 20.0);
        self::assertSame([$damp->low, true], [$damp->counted(), $damp->isOpen]);
        // 100 g at 50 % that weigh 80 g hold 30 g: 37.5 %.
        $start = MoistureReading::weighed(50.0, 100.0, 100.0)->after(100.0, 80.0);
        self::assertEqualsWithDelta([37.5, 36.25, 38.75], [$start->middle, $start->low, $start->high], 1e-12);
        $rough = MoistureReading::roughJar($balance, 0.35, 20.0);
        self::assertEqualsWithDelta($balance->moisture(0.45, 20.0), $rough->counted(), 1e-12);
    }
}
