<?php

declare(strict_types=1);

namespace Marrow\Core\Work;

/**
 * Something that wants doing, with the time in which to do it. It holds dates, not "in three days": so it is as true
 * on a day looked ahead to as it is today.
 */
final readonly class Task
{
    /**
     * @param  \DateTimeImmutable  $opens  it can be done from here on
     * @param  \DateTimeImmutable  $best  when it is best done
     * @param  \DateTimeImmutable|null  $latest  after this something is lost; null when waiting costs nothing
     * @param  Loss  $loss  what is lost then
     * @param  array<string, float|int|string|null>  $figures  what its reason is built from
     * @param  string|null  $about  id of the test or entry it concerns
     * @param  \DateTimeImmutable|null  $lapses  when it is of no use any more, done or not
     */
    public function __construct(
        public TaskKind $kind,
        public Place $place,
        public \DateTimeImmutable $opens,
        public \DateTimeImmutable $best,
        public ?\DateTimeImmutable $latest,
        public Loss $loss,
        public array $figures = [],
        public ?string $about = null,
        public ?\DateTimeImmutable $lapses = null,
    ) {}
}
