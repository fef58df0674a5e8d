<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Lot;

use Marrow\Core\Lot\Counsel;
use Marrow\Core\Lot\KeepingTask;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;

/** Lettuce commonly sleeps for two to eight weeks after harvest: a test before that says little of what is alive. */
final class FreshDormancyTest extends CoreTestCase
{
    public function test_the_first_test_waits_until_fresh_seed_is_awake(): void
    {
        // Picked on 1 September; eight weeks on it is 27 October. Put away on the 10th: four weeks on would be 8 October.
        $task = $this->stored()->course()->tasks()[0];
        self::assertSame(KeepingTask::TestFirst, $task->kind);
        self::assertSame('2026-10-27', $task->best->format('Y-m-d'));
    }

    public function test_a_poor_test_of_fresh_seed_is_not_held_against_it(): void
    {
        $fresh = $this->tested('2026-09-15', 12);
        $course = $fresh->course();
        self::assertSame(Counsel::MaySleep, $course->advice(new \DateTimeImmutable('2026-10-05'))?->counsel);
        self::assertNull($course->testing->lastEnded());
        self::assertSame([], $course->testing->results());
        self::assertEquals($this->stored()->course()->forecast()?->shareAt(new \DateTimeImmutable('2028-01-01')), $course->forecast()?->shareAt(new \DateTimeImmutable('2028-01-01')), 'the forecast is that of a lot never tested');
        self::assertSame([KeepingTask::TestFirst], array_values(array_filter(array_map(static fn ($task) => $task->kind, $course->tasks()), static fn ($kind): bool => $kind === KeepingTask::TestFirst)));
    }

    public function test_a_good_test_of_fresh_seed_counts(): void
    {
        $course = $this->tested('2026-09-15', 46)->course();
        self::assertNull($course->testing->asleep());
        self::assertSame(Counsel::SowAsUsual, $course->advice(new \DateTimeImmutable('2026-10-05'))?->counsel);
    }

    public function test_a_poor_test_once_it_is_awake_counts(): void
    {
        $course = $this->tested('2026-11-15', 12)->course();
        self::assertNull($course->testing->asleep());
        self::assertSame(Counsel::DoNotRely, $course->advice(new \DateTimeImmutable('2026-12-05'))?->counsel);
    }

    public function test_a_later_test_settles_it(): void
    {
        $diary = $this->tested('2026-09-15', 12);
        $this->test($diary, 'b', '2026-11-15', 45);
        $course = $diary->course();
        self::assertNull($course->testing->asleep());
        self::assertSame(Counsel::SowAsUsual, $course->advice(new \DateTimeImmutable('2026-12-05'))?->counsel);
        self::assertCount(1, $course->testing->results(), 'what slept tells nothing of how it aged');
    }

    public function test_seed_from_elsewhere_is_not_fresh(): void
    {
        $diary = new Diary(self::crop('lettuce'));
        $diary->record('received', '2026-09-01 10:00', ['how' => 'swapped', 'from' => 'Odile', 'year' => 2026]);
        $this->test($diary, 'a', '2026-09-15', 12);
        self::assertNull($diary->course()->testing->awakeAt());
        self::assertSame(Counsel::DoNotRely, $diary->course()->advice(new \DateTimeImmutable('2026-10-05'))?->counsel);
    }

    private function tested(string $at, int $up): Diary
    {
        $diary = $this->stored();
        $this->test($diary, 'a', $at, $up);

        return $diary;
    }

    private function test(Diary $diary, string $id, string $at, int $up): void
    {
        $day = new \DateTimeImmutable($at);
        $diary->record('test_started', $day->format('Y-m-d').' 09:00', ['test' => $id, 'replicates' => 1, 'seeds' => 50, 'temperature_c' => 20, 'method' => 'dish']);
        $diary->record('test_counted', $day->modify('+5 days')->format('Y-m-d').' 09:00', ['test' => $id, 'normal' => [$up], 'abnormal' => [0]]);
        $diary->record('test_ended', $day->modify('+7 days')->format('Y-m-d').' 09:00', ['test' => $id]);
    }

    private function stored(): Diary
    {
        $diary = new Diary(self::crop('lettuce'));
        $diary->record('picked', '2026-09-01 10:00', ['plants' => 10, 'mass_g' => 200]);
        $diary->record('threshed', '2026-09-05 10:00', ['mass_g' => 40]);
        $diary->record('winnowed', '2026-09-06 10:00', ['mass_g' => 30]);
        $diary->record('stored', '2026-09-10 10:00', ['container' => 'paper_envelope', 'place' => 'Shelf', 'temperature_c' => 18, 'rh' => 50, 'mass_g' => 30]);

        return $diary;
    }
}
