<?php

declare(strict_types=1);

namespace App\Journal;

use DateTimeImmutable;
use Marrow\Core\Journal\Subject;

/** An entry as it was sent, before anything of it has been found good. */
final readonly class Draft
{
    /**
     * @param  string  $id  UUID made by the sender
     * @param  string  $aboutId  id of the lot or planting; with `begins`, of one that begins with this entry
     * @param  string  $happenedAt  a day, or a day and an hour, as it was given
     * @param  array<array-key, mixed>  $payload
     * @param  ?Begins  $begins  what the thing is, where it is new
     * @param  bool  $evenSo  the keeper was asked and says that it is so all the same
     * @param  bool  $late  it comes from a queue or a file, long after: what does not fit is kept adrift, and nobody is asked
     * @param  ?string  $replaces  id of the entry that it corrects
     * @param  ?string  $act  id of what is done to many at once
     */
    public function __construct(
        public string $id,
        public Subject $about,
        public string $aboutId,
        public string $kind,
        public string $happenedAt,
        public array $payload = [],
        public ?Begins $begins = null,
        public string $by = '',
        public bool $evenSo = false,
        public bool $late = false,
        public ?string $replaces = null,
        public ?string $act = null,
    ) {}

    public static function at(DateTimeImmutable $at): string
    {
        return $at->format('Y-m-d\TH:i');
    }
}
