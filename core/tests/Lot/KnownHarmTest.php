<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use DateTimeImmutable;
use Marrow\Core\Lot\Harm;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\LotFacts;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Holding\Holdings;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;

/** What is known of seed before it was tested bears on what is said of it; tests that cannot both be right are found. */
final class KnownHarmTest extends CoreTestCase
{
    private const ROOM = ['container' => 'jar', 'place' => 'Hall', 'temperature_c' => 18, 'rh' => 45, 'seeds' => 900];

    public function test_what_sprouted_or_lay_too_long_begins_lower_and_less_surely_than_what_did_not(): void
    {
        $of = static function (string $poured, bool $sprouted): LotCourse {
            $diary = self::tomato($poured, $sprouted);
            $diary->insist('jar_read', '2025-09-20', ['rh' => 30, 'temperature_c' => 18]);
            $diary->insist('stored', '2025-09-21', self::ROOM);

            return $diary->course();
        };
        $sound = $of('2025-09-04', false);
        // At 21 °C typically 72 h, and at the most 144.
        $long = $of('2025-09-09', false);
        $sprouted = $of('2025-09-09', true);
        self::assertSame([[], [Harm::Overfermented], [Harm::Sprouted]], [$sound->harms(), $long->harms(), $sprouted->harms()]);
        $at = new DateTimeImmutable('2025-09-22');
        $low = static fn (LotCourse $lot): float => $lot->forecast()?->limitsAt($at)->low ?? 0.0;
        self::assertGreaterThan($low($long) + 0.1, $low($sound));
        self::assertGreaterThan($low($sprouted) + 0.1, $low($long));
        // R: pnorm(qnorm(0.95) - 0.8) = 0.8009; what a day in the hall takes is less than a tenth of a point.
        self::assertEqualsWithDelta(0.8009, $sprouted->forecast()?->shareAt($at), 0.002);
        self::assertLessThan($sound->forecast()?->reachesEarliest(0.75), $sprouted->forecast()?->reachesEarliest(0.75));
    }

    public function test_several_harms_add_up_and_a_test_replaces_them(): void
    {
        self::assertEqualsWithDelta([1.2, hypot(0.6, 0.4)], Harm::together([Harm::Sprouted, Harm::Overfermented]), 1e-12);
        $diary = self::tomato('2025-09-09', true);
        $diary->insist('jar_read', '2025-09-20', ['rh' => 30, 'temperature_c' => 18]);
        $diary->insist('stored', '2025-09-21', self::ROOM);
        self::test($diary, 'a', '2025-10-01', 97);
        self::assertGreaterThan(0.93, $diary->course()->forecast()?->shareAt(new DateTimeImmutable('2025-10-20')), 'a hundred seeds tell');
    }

    public function test_picked_green_dried_hot_or_among_the_sick_counts_too(): void
    {
        $onion = static function (bool $green, ?int $celsius): Diary {
            $diary = new Diary(self::crop('onion'), '2025-03-01');
            $diary->record('picked', '2025-08-01', ['plants' => 9, 'fruits' => 9, 'green' => $green]);
            $diary->record('threshed', '2025-08-20', ['mass_g' => 90]);
            $diary->insist('spread', '2025-08-21', ['surface' => 'tray', 'mass_g' => 80, 'temperature_c' => $celsius]);

            return $diary;
        };
        self::assertSame([Harm::PickedGreen], $onion(true, null)->course()->harms());
        self::assertSame([Harm::Overheated], $onion(false, 45)->course()->harms());
        self::assertSame([], $onion(false, 30)->course()->harms());
        $asked = $onion(false, null)->asks('spread', '2025-08-22', ['surface' => 'tray', 'temperature_c' => 45])->questions;
        self::assertSame('temperature_c', $asked[0]->field);
        $facts = new LotFacts('L1', self::crop('onion'), null, [], false, null, Holdings::ofPlaces([]), null, [], null, true);
        self::assertSame([Harm::Sick], LotCourse::fold($facts, $onion(false, null)->entries(), new Practice)->harms());
    }

    public function test_seed_does_not_rise_so_a_test_far_below_a_later_one_is_left_out(): void
    {
        $diary = self::stored();
        self::test($diary, 'a', '2025-10-01', 60);
        $alone = $diary->course()->forecast()?->shareAt(new DateTimeImmutable('2026-03-20'));
        self::test($diary, 'b', '2026-03-01', 95);
        $course = $diary->course();
        [[$first, $second]] = $course->testing->disagreements();
        self::assertSame([60, 95], [$first->germinated(), $second->germinated()]);
        self::assertCount(1, $course->testing->results());
        $both = $course->forecast()?->shareAt(new DateTimeImmutable('2026-03-20'));
        self::assertLessThan(0.62, $alone);
        self::assertEqualsWithDelta(0.95, $both, 0.02, 'the later is leaned on, as the advice does');
        self::assertSame('sow_as_usual', $course->advice(new DateTimeImmutable('2026-03-20'))?->counsel->value);
    }

    public function test_what_luck_alone_can_do_is_no_disagreement_nor_is_a_fall(): void
    {
        // R: fisher.test(matrix(c(88, 12, 95, 5), 2))$p.value 0.1268; 60 and 95 of 100: 1.7e-09.
        foreach ([[88, 95], [95, 60], [90, 90]] as [$first, $second]) {
            $diary = self::stored();
            self::test($diary, 'a', '2025-10-01', $first);
            self::test($diary, 'b', '2026-03-01', $second);
            self::assertSame([], $diary->course()->testing->disagreements(), "$first, then $second");
            self::assertCount(2, $diary->course()->testing->results());
        }
    }

    public function test_while_its_first_test_runs_nothing_else_is_said_of_it(): void
    {
        $diary = self::stored();
        self::assertNotNull($diary->course()->forecast());
        $diary->record('test_started', '2026-03-01', ['test' => 'a', 'replicates' => 1, 'seeds' => 100, 'temperature_c' => 20, 'method' => 'dish']);
        self::assertNotNull($diary->course()->forecast(), 'nobody has counted yet');
        $diary->record('test_counted', '2026-03-13', ['test' => 'a', 'normal' => [54], 'abnormal' => [0]]);
        self::assertNull($diary->course()->forecast());
        self::assertSame('await_test', $diary->course()->advice(new DateTimeImmutable('2026-03-13'))?->counsel->value);
        $diary->record('test_ended', '2026-03-15', ['test' => 'a']);
        self::assertEqualsWithDelta(0.54, $diary->course()->forecast()?->shareAt(new DateTimeImmutable('2026-03-15')), 0.03);
    }

    private static function tomato(string $poured, bool $sprouted): Diary
    {
        $diary = new Diary(self::crop('tomato'), '2025-03-01');
        $diary->record('picked', '2025-09-01', ['plants' => 6, 'fruits' => 20]);
        $diary->record('ferment_started', '2025-09-01 12:00', ['temperature_c' => 21, 'cover' => 'cloth']);
        $diary->insist('poured_off', "$poured 12:00", ['passes' => 3, 'sprouted' => $sprouted]);
        $diary->insist('rinsed', "$poured 13:00");

        return $diary;
    }

    private static function stored(): Diary
    {
        $diary = new Diary(self::crop('onion'), '2025-03-01');
        $diary->record('picked', '2025-08-01', ['plants' => 20, 'fruits' => 20]);
        $diary->record('threshed', '2025-08-20', ['mass_g' => 90]);
        $diary->record('winnowed', '2025-08-20 12:00', ['mass_g' => 60]);
        $diary->record('jar_read', '2025-09-01', ['rh' => 30, 'temperature_c' => 18]);
        $diary->record('stored', '2025-09-02', ['container' => 'jar', 'place' => 'Fridge', 'temperature_c' => 5, 'rh' => 60, 'seeds' => 4000]);

        return $diary;
    }

    private static function test(Diary $diary, string $id, string $at, int $up): void
    {
        $on = static fn (int $days): string => (new DateTimeImmutable($at))->modify("+$days days")->format('Y-m-d');
        $diary->record('test_started', $at, ['test' => $id, 'replicates' => 1, 'seeds' => 100, 'temperature_c' => 20, 'method' => 'dish']);
        $diary->record('test_counted', $on(12), ['test' => $id, 'normal' => [$up], 'abnormal' => [0]]);
        $diary->record('test_ended', $on(12), ['test' => $id]);
    }
}
