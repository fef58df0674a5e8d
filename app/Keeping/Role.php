<?php

declare(strict_types=1);

namespace App\Keeping;

/** What somebody who signs in may do; each may do all that those before may. */
enum Role: string
{
    case Reader = 'reader';
    case Helper = 'helper';
    case Keeper = 'keeper';
    case Owner = 'owner';

    public function may(self $need): bool
    {
        return $this->rank() >= $need->rank();
    }

    public function label(): string
    {
        return match ($this) {
            self::Reader => 'Reader: looks, and records nothing',
            self::Helper => 'Helper: records, takes back only what was their own, and sets nothing',
            self::Keeper => 'Keeper: records, plans and sets; lets nobody in',
            self::Owner => 'Owner: all of it, and lets others in',
        };
    }

    /** Why somebody of less is refused. */
    public function wanted(): string
    {
        return match ($this) {
            self::Reader => 'Sign in first.',
            self::Helper => 'You may look at this garden. To record in it, ask its owner.',
            self::Keeper => 'A helper records, and changes nothing else. Ask a keeper or the owner.',
            self::Owner => 'That is for the owner of the garden.',
        };
    }

    private function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
