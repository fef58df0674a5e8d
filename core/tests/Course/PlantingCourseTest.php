<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Course;

use Marrow\Core\Course\PlantingCourse;
use Marrow\Core\Course\TaskKind;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\EntryKind;
use Marrow\Core\Journal\Payload\Noted;
use Marrow\Core\Journal\Payload\Rinsed;
use Marrow\Core\Journal\Payload\Sown;
use Marrow\Core\Journal\Payload\Struck;
use Marrow\Core\Tests\Support\CoreTestCase;

final class PlantingCourseTest extends CoreTestCase
{
    public function test_ripe_seed_is_looked_for_so_many_days_after_sowing(): void
    {
        // Pea: 90 to 130 days.
        $task = PlantingCourse::fold(self::crop('pea'), [$this->sown()], false)->tasks()[0];
        self::assertSame(TaskKind::Pick, $task->kind);
        self::assertSame('2026-06-09', $task->opens->format('Y-m-d'));
        self::assertSame('2026-06-29', $task->best->format('Y-m-d'));
        self::assertSame('2026-07-19', $task->latest?->format('Y-m-d'));
    }

    public function test_a_biennial_ripens_in_its_second_summer(): void
    {
        $task = PlantingCourse::fold(self::crop('leek'), [$this->sown()], false)->tasks()[0];
        self::assertSame('2027', $task->opens->format('Y'));
    }

    public function test_nothing_is_due_once_it_is_picked_or_its_sowing_is_struck(): void
    {
        self::assertSame([], PlantingCourse::fold(self::crop('pea'), [$this->sown()], true)->tasks());
        $struck = new Entry('x', 2, EntryKind::Struck, new Struck('sown', ''), new \DateTimeImmutable('2026-03-12'));
        $planting = PlantingCourse::fold(self::crop('pea'), [$this->sown(), $struck], false);
        self::assertNull($planting->sown);
        self::assertSame([], $planting->tasks());
    }

    public function test_a_second_sowing_and_what_belongs_to_a_lot_are_left_out_and_named(): void
    {
        $planting = PlantingCourse::fold(self::crop('pea'), [
            $this->sown(),
            $this->sown('again', 2, '2026-03-20'),
            new Entry('rinse', 3, EntryKind::Rinsed, new Rinsed(''), new \DateTimeImmutable('2026-04-01')),
            new Entry('note', 4, EntryKind::Noted, new Noted('Mice'), new \DateTimeImmutable('2026-04-02')),
        ], false);
        self::assertSame(['again', 'rinse'], array_keys($planting->adrift));
        self::assertSame('2026-03-11', $planting->sownAt?->format('Y-m-d'));
        self::assertSame(40, $planting->sown?->plants);
    }

    private function sown(string $id = 'sown', int $order = 1, string $at = '2026-03-11 10:00'): Entry
    {
        return new Entry($id, $order, EntryKind::Sown, new Sown(40, ''), new \DateTimeImmutable($at));
    }
}
