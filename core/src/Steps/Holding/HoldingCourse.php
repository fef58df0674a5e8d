<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Storing\ContainerKind;
use Marrow\Core\Steps\Storing\StoredAt;

/** Places and containers, folded from their entries. */
final class HoldingCourse
{
    /** A new kind of thing that holds seed is a new line here. */
    public const STRANDS = [PlaceStrand::class, ContainerStrand::class];

    /** @param  list<Entry>  $entries  of the place */
    public static function place(string $id, StoredAt $ordinary, array $entries): Surroundings
    {
        $strand = new PlaceStrand($id, $ordinary);
        Course::fold([$strand], $entries);

        return $strand->surroundings();
    }

    /** @param  list<Entry>  $entries  of the container */
    public static function holder(string $id, string $name, ContainerKind $kind, array $entries): Holder
    {
        $strand = new ContainerStrand($id, $name, null);
        Course::fold([$strand], $entries);

        return new Holder($id, $name, $kind, $strand->moves);
    }

    /**
     * @param  list<Entry>  $entries  recorded of the place so far
     */
    public static function admitToPlace(string $id, StoredAt $ordinary, array $entries, Entry $candidate, ?string $replaces = null, ?Course $before = null): Admission
    {
        return Course::admit(static fn (): array => [new PlaceStrand($id, $ordinary)], $entries, $candidate, $replaces, $before);
    }

    /**
     * @param  list<Entry>  $entries  recorded of the container so far
     */
    public static function admitToContainer(string $id, string $name, Holdings $others, array $entries, Entry $candidate, ?string $replaces = null, ?Course $before = null): Admission
    {
        return Course::admit(static fn (): array => [new ContainerStrand($id, $name, $others)], $entries, $candidate, $replaces, $before);
    }
}
