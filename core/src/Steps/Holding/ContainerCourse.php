<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Folding\Admission;
use Marrow\Core\Folding\Course;
use Marrow\Core\Folding\Folded;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\PutOff\PutOffStrand;
use Marrow\Core\Steps\Storing\ContainerKind;
use Marrow\Core\Work\Place;

/** Everything that is known of a container that holds others. */
final class ContainerCourse extends Folded
{
    protected readonly ContainerStrand $moving;

    public readonly PutOffStrand $putOff;

    private function __construct(private readonly string $id, private readonly string $name, ?Holdings $others)
    {
        $this->moving = new ContainerStrand($id, $name, $others);
        $this->putOff = new PutOffStrand;
    }

    /**
     * @param  ?Holdings  $others  where all the others stand, or null while that is only being found out: then only what lies in itself is left out
     * @param  list<Entry>  $entries  of the container, in any order
     */
    public static function fold(string $id, string $name, ?Holdings $others, array $entries): self
    {
        $container = new self($id, $name, $others);
        $container->course = Course::fold($container->strands(), $entries);

        return $container;
    }

    /** @param  list<Entry>  $entries  recorded of the container so far */
    public static function admit(string $id, string $name, Holdings $others, array $entries, Entry $candidate, ?string $replaces = null, ?Course $before = null): Admission
    {
        return Course::admit(static fn (): array => (new self($id, $name, $others))->strands(), $entries, $candidate, $replaces, $before);
    }

    public function holder(ContainerKind $kind): Holder
    {
        return new Holder($this->id, $this->name, $kind, $this->moving->moves);
    }

    public function place(): Place
    {
        return Place::Store;
    }

    protected function leaves(array $tasks): array
    {
        return $this->putOff->leaves($tasks);
    }
}
