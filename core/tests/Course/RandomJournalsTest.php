<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Course;

use Marrow\Core\Course\LotCourse;
use Marrow\Core\Course\Offers;
use Marrow\Core\Course\Place;
use Marrow\Core\Journal\EntryKind;
use Marrow\Core\Journal\EntryRefused;
use Marrow\Core\Practice;
use Marrow\Core\Tests\Support\CoreTestCase;
use Marrow\Core\Tests\Support\Diary;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Lots that a hundred keepers might have recorded: whatever they do of what they are offered, certain things hold. */
final class RandomJournalsTest extends CoreTestCase
{
    private const STEPS = 25;

    #[DataProvider('keepers')]
    public function test_what_is_offered_can_be_done_and_the_books_stay_straight(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $crops = self::crops()->all();
        $crop = $crops[$chance->getInt(0, count($crops) - 1)];
        $diary = new Diary($crop, '2024-03-01');
        $at = new \DateTimeImmutable('2025-08-01 08:00');
        $ids = [$diary->record('picked', $at->format('Y-m-d H:i'), ['plants' => 10, 'fruits' => 40, 'mass_g' => 5000])];
        for ($step = 0; $step < self::STEPS; $step++) {
            $at = $at->modify(sprintf('+%d minutes', $chance->getInt(60, 60 * 24 * 12)));
            $course = $diary->course();
            [$kind, $payload] = $this->act($course, $chance, $step);
            try {
                $ids[] = $diary->record($kind->value, $at->format('Y-m-d H:i'), $payload);
            } catch (EntryRefused $refused) {
                // Only a figure may be wrong; what is offered is never out of place.
                self::assertNotSame('kind', $refused->field, "{$crop->key}: {$kind->value}: {$refused->getMessage()}");

                continue;
            }
            $this->assertStraight($diary->course(), $at);
        }
        self::assertSame([], $diary->course()->adrift);
        self::assertEquals($diary->course()->tasks(), $diary->shuffled()->tasks(), 'whatever order they came in');

        foreach (array_reverse($ids) as $id) {
            $diary->strike($id);
            $this->assertStraight($diary->course(), $at);
        }
        $empty = $diary->course();
        self::assertSame(Place::Plot, $empty->place());
        self::assertSame([], $empty->tasks());
        self::assertSame([], $empty->adrift);
    }

    /** @return iterable<string, array{int}> */
    public static function keepers(): iterable
    {
        for ($seed = 1; $seed <= 100; $seed++) {
            yield "keeper $seed" => [$seed];
        }
    }

    private function assertStraight(LotCourse $course, \DateTimeImmutable $now): void
    {
        $stock = $course->store->stock;
        self::assertGreaterThanOrEqual(0.0, $stock->seeds() ?? 0.0);
        self::assertGreaterThanOrEqual(0.0, $stock->grams() ?? 0.0);
        $moisture = $course->drying->moisture();
        if ($moisture !== null) {
            self::assertGreaterThan(0.0, $moisture);
            self::assertLessThan(100.0, $moisture);
        }
        foreach ($course->tests as $test) {
            self::assertLessThanOrEqual($test->sown(), $test->germinated() + $test->abnormal());
            self::assertGreaterThanOrEqual(0, $test->undecided());
            $outlook = $test->outlook(new Practice);
            self::assertTrue($outlook === null || $outlook->lowest <= $outlook->highest);
        }
        foreach ($course->tasks() as $task) {
            self::assertLessThanOrEqual($task->best, $task->opens, $task->kind->value);
            self::assertTrue($task->latest === null || $task->best <= $task->latest, $task->kind->value);
        }
        $forecast = $course->forecast();
        if ($forecast !== null) {
            $share = 1.0;
            foreach ([0, 200, 1000, 4000] as $days) {
                $later = $now->modify("+$days days");
                self::assertLessThanOrEqual($share + 1e-12, $forecast->shareAt($later), 'seed does not come to life again');
                $share = $forecast->shareAt($later);
                self::assertTrue($forecast->limitsAt($later)->contains($share));
            }
        }
    }

    /** @return array{EntryKind, array<string, mixed>} one of the things offered, or a count of a running test */
    private function act(LotCourse $course, Randomizer $chance, int $step): array
    {
        $running = $course->runningTests();
        if ($running !== [] && $chance->getInt(0, 1) === 1) {
            $test = $running[0];
            $ends = $test->counts() !== [] && $chance->getInt(0, 2) === 0;
            $seedlings = array_map(static fn (): int => $chance->getInt(0, 6), range(1, $test->set->replicates));

            return $ends
                ? [EntryKind::TestEnded, ['test' => $test->set->test]]
                : [EntryKind::TestCounted, ['test' => $test->set->test, 'normal' => $seedlings, 'abnormal' => array_fill(0, $test->set->replicates, 0)]];
        }
        $offers = Offers::of($course);
        $kind = $offers[$chance->getInt(0, count($offers) - 1)];
        $mass = $course->drying->lastMass() ?? 100.0;

        return [$kind, match ($kind) {
            EntryKind::Picked => ['plants' => $chance->getInt(1, 20), 'fruits' => $chance->getInt(1, 50), 'mass_g' => 500],
            EntryKind::FermentStarted => ['temperature_c' => $chance->getInt(10, 40), 'cover' => 'cloth'],
            EntryKind::PouredOff => ['passes' => $chance->getInt(1, 6), 'sprouted' => $chance->getInt(0, 9) === 0],
            EntryKind::Spread => ['surface' => 'mesh', 'mass_g' => 100, 'moisture' => $chance->getInt(0, 1) === 1 ? $chance->getInt(15, 55) : null],
            EntryKind::Weighed => ['mass_g' => round($mass * $chance->getInt(70, 101) / 100, 2)],
            EntryKind::JarRead => ['rh' => $chance->getInt(10, 90), 'temperature_c' => $chance->getInt(5, 30)],
            EntryKind::SampleWeighed => ['counted' => 100, 'masses_g' => [$course->facts->crop->ordinaryTsm() / 10]],
            EntryKind::TestStarted => ['test' => "t$step", 'replicates' => $chance->getInt(1, 4), 'seeds' => $chance->getInt(5, 50), 'temperature_c' => 20, 'method' => 'dish'],
            EntryKind::Stored => ['container' => ['jar', 'foil_pouch', 'paper_envelope', 'tin'][$chance->getInt(0, 3)], 'place' => 'Shelf', 'temperature_c' => $chance->getInt(-18, 25), 'rh' => $chance->getInt(20, 80), 'mass_g' => round(min($mass, 100.0) * 0.95, 2)],
            EntryKind::Withdrawn => ['purpose' => 'gift', 'mass_g' => $chance->getInt(1, 60)],
            EntryKind::Noted => ['text' => 'Looked at'],
            default => [],
        }];
    }
}
