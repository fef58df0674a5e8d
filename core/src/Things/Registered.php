<?php

declare(strict_types=1);

namespace Marrow\Core\Things;

use Marrow\Core\Folding\Settle;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Kinds;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Struck;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Steps\Holding\ContainerCourse;
use Marrow\Core\Steps\Holding\PlaceCourse;
use Marrow\Core\Work\TaskKind;

/** What the strands of lots, plantings, containers and places bring with them: every kind of entry, every kind of task. Nothing is listed twice. */
final class Registered
{
    /** What a thing of each sort is folded into; a new sort of thing is a line here. */
    public const SORTS = [PlantingCourse::class, LotCourse::class, PlaceCourse::class, ContainerCourse::class];

    private static ?Kinds $kinds = null;

    public static function kinds(): Kinds
    {
        return self::$kinds ??= Kinds::of(self::payloads());
    }

    /** @return list<TaskKind> */
    public static function taskKinds(): array
    {
        $all = Settle::cases();
        foreach (self::strands() as $strand) {
            $enum = $strand::taskKinds();
            array_push($all, ...($enum === null ? [] : $enum::cases()));
        }

        return $all;
    }

    /** @return iterable<class-string<Payload>> some of them more than once */
    private static function payloads(): iterable
    {
        yield Struck::class;
        foreach (self::strands() as $strand) {
            yield from array_column($strand::takes(), 0);
        }
    }

    /** @return list<class-string<Strand>> */
    private static function strands(): array
    {
        return array_values(array_unique(array_merge([], ...array_map(static fn (string $sort): array => $sort::strandClasses(), self::SORTS))));
    }
}
