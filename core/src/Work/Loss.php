<?php

declare(strict_types=1);

namespace Marrow\Core\Work;

/** What is lost when a task is left undone. */
enum Loss: string
{
    case Nothing = 'nothing';

    /** A season's chance: what was not picked or grown out in time. */
    case Season = 'season';

    /** Seed that is in hand. */
    case Seed = 'seed';

    /** Whether a task can be left a while and nothing comes of it: nothing is lost, and it has no last day. */
    public function canWait(?\DateTimeImmutable $latest): bool
    {
        return $this === self::Nothing && $latest === null;
    }
}
