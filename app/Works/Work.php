<?php

declare(strict_types=1);

namespace App\Works;

use Illuminate\Support\Facades\DB;

/** Something that takes long, as it stands. */
final readonly class Work
{
    /**
     * @param  float  $share  done, 0 to 1
     * @param  ?string  $found  JSON of a document, once it is done, or what was found so far
     * @param  string  $message  why it failed
     * @param  bool  $isDead  whoever did it gives no sign of life any more
     */
    public function __construct(
        public string $id,
        public string $kind,
        public WorkState $state,
        public float $share,
        public ?string $found,
        public string $message,
        private string $asked,
        public bool $isDead,
    ) {}

    /** @return array<string, mixed> */
    public function asked(): array
    {
        $asked = json_decode($this->asked, true, flags: JSON_THROW_ON_ERROR);

        return is_array($asked) ? array_filter($asked, is_string(...), ARRAY_FILTER_USE_KEY) : [];
    }

    /** Whoever only thinks for a while stands in nobody's way: the garden is opened again when it is next asked for something. */
    public static function leaveTheGarden(): void
    {
        DB::purge();
    }
}
