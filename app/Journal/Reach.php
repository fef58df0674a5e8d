<?php

declare(strict_types=1);

namespace App\Journal;

use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Struck;

/** How far what was told of a thing bears on others. */
enum Reach: int
{
    /** It was told for people, and nothing is reckoned from it. */
    case Words = 0;

    /** It tells what happened since the thing began: to what is in it and what came of it. */
    case Since = 1;

    /** It tells how the thing began, or takes back what was told: what it came from is another, too. */
    case Beginning = 2;

    public static function of(Kind $kind, bool $corrects): self
    {
        return match (true) {
            $corrects, $kind->starts, $kind->names, $kind->name === Kind::declared(Struck::class)->name => self::Beginning,
            $kind->isWords => self::Words,
            default => self::Since,
        };
    }
}
