<?php

declare(strict_types=1);

namespace App\Documents;

use Marrow\Core\Journal\Subject;
use Marrow\Core\Work\Place;
use OpenApi\Attributes as OA;

/** Something that wants doing, in words, as seen from the day asked for. */
#[OA\Schema]
final readonly class TaskDocument
{
    /**
     * @param  string  $away  how far off it is
     * @param  bool  $alarm  seed is lost unless somebody acts
     * @param  string|null  $about  id of the test it concerns
     * @param  string  $subject  what it is a task of
     * @param  string  $of  the id of that
     * @param  string  $name  its code, or what it is called
     * @param  ?TagDocument  $tag  of what has a tag
     * @param  int  $alike  how many of its kind stand in the same list, shown or not
     * @param  'season'|'days'|'hours'  $waits  by how much it can be put off: where seed is being lost, by no season
     * @param  bool  $can_wait  nothing is lost by leaving it a while
     */
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $kind,
        #[OA\Property(enum: Place::class)]
        public string $place,
        #[OA\Property]
        public string $do,
        #[OA\Property]
        public string $why,
        #[OA\Property]
        public string $opens,
        #[OA\Property]
        public string $best,
        #[OA\Property]
        public ?string $latest,
        #[OA\Property]
        public string $away,
        #[OA\Property(enum: ['ahead', 'open', 'now', 'late'])]
        public string $state,
        #[OA\Property]
        public bool $alarm,
        #[OA\Property]
        public ?string $about,
        #[OA\Property(enum: Subject::class)]
        public string $subject,
        #[OA\Property]
        public string $of,
        #[OA\Property]
        public string $name,
        #[OA\Property(ref: TagDocument::class, nullable: true)]
        public ?TagDocument $tag,
        #[OA\Property]
        public int $alike = 1,
        #[OA\Property(enum: ['season', 'days', 'hours'])]
        public string $waits = 'season',
        #[OA\Property]
        public bool $can_wait = false,
        #[OA\Property(ref: TapDocument::class, nullable: true)]
        public ?TapDocument $tap = null,
    ) {}
}
