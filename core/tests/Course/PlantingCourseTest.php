<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Course;

use Marrow\Core\Course\PlantingCourse;
use Marrow\Core\Course\TaskKind;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Journal\EntryKind;
use Marrow\Core\Journal\Payload\FirstBloom;
use Marrow\Core\Journal\Payload\LastBloom;
use Marrow\Core\Journal\Payload\Noted;
use Marrow\Core\Journal\Payload\OffTypesSeen;
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

    public function test_once_bloom_is_seen_ripe_seed_is_looked_for_so_many_days_after_it(): void
    {
        // Pea: 40 to 60 days from the flower to ripe seed, 30 days of bloom.
        $task = PlantingCourse::fold(self::crop('pea'), [$this->sown(), $this->bloom()], false)->tasks()[0];
        self::assertSame(['2026-06-29', '2026-07-09', '2026-08-18'], [$task->opens->format('Y-m-d'), $task->best->format('Y-m-d'), $task->latest?->format('Y-m-d')]);
        self::assertSame('bloom', $task->figures['from']);
        $over = new Entry('over', 3, EntryKind::LastBloom, new LastBloom, new \DateTimeImmutable('2026-06-01 10:00'));
        $task = PlantingCourse::fold(self::crop('pea'), [$this->sown(), $this->bloom(), $over], false)->tasks()[0];
        self::assertSame('2026-07-31', $task->latest?->format('Y-m-d'));
    }

    public function test_bloom_out_of_order_is_left_out_and_named(): void
    {
        $over = new Entry('over', 2, EntryKind::LastBloom, new LastBloom, new \DateTimeImmutable('2026-06-01 10:00'));
        $planting = PlantingCourse::fold(self::crop('pea'), [$this->sown(), $over, $this->bloom('first', '2026-06-05 10:00')], false);
        self::assertSame(['over'], array_keys($planting->adrift));
        $twice = PlantingCourse::fold(self::crop('pea'), [$this->sown(), $this->bloom(), $this->bloom('again', '2026-05-22 10:00')], false);
        self::assertSame(['again'], array_keys($twice->adrift));
        self::assertSame('2026-05-20', $twice->firstBloomAt?->format('Y-m-d'));
        $before = PlantingCourse::fold(self::crop('pea'), [$this->bloom('early', '2026-03-01 10:00'), $this->sown()], false);
        self::assertSame(['early'], array_keys($before->adrift));
    }

    public function test_where_a_fifth_is_off_type_no_seed_is_looked_for(): void
    {
        $look = static fn (int $off): Entry => new Entry('look', 2, EntryKind::OffTypesSeen, new OffTypesSeen(30, $off, ''), new \DateTimeImmutable('2026-05-20 10:00'));
        self::assertSame([], PlantingCourse::fold(self::crop('pea'), [$this->sown(), $look(6)], false)->tasks());
        self::assertCount(1, PlantingCourse::fold(self::crop('pea'), [$this->sown(), $look(5)], false)->tasks());
    }

    private function bloom(string $id = 'bloom', string $at = '2026-05-20 10:00'): Entry
    {
        return new Entry($id, 2, EntryKind::FirstBloom, new FirstBloom, new \DateTimeImmutable($at));
    }

    private function sown(string $id = 'sown', int $order = 1, string $at = '2026-03-11 10:00'): Entry
    {
        return new Entry($id, $order, EntryKind::Sown, new Sown(40, ''), new \DateTimeImmutable($at));
    }
}
