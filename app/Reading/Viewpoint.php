<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\JournalEntry;
use App\Moment;
use DateTimeImmutable;

/** From where the journal is looked at: what had happened by then, and what of that was known. */
final readonly class Viewpoint
{
    private const STRUCK = 'struck';

    /**
     * @param  ?DateTimeImmutable  $before  only what happened before that; null for all that did
     * @param  ?DateTimeImmutable  $knownAt  only what was recorded by then; null for all that is known
     */
    public function __construct(public ?DateTimeImmutable $before = null, public ?DateTimeImmutable $knownAt = null) {}

    /** A strike is no event of the garden: it tells what is known, whenever it was made. */
    public function sees(JournalEntry $row): bool
    {
        return ($this->before === null || $row->kind === self::STRUCK || $row->happened_at < Moment::keep($this->before))
            && ($this->knownAt === null || $row->recorded_at <= Moment::keep($this->knownAt));
    }
}
