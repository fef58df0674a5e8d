<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Models\Keeper;
use App\Models\Pass;

/** Who asks: nobody yet, somebody who signed in or a program of theirs; or anyone, where nobody signs in. */
final class Present
{
    public ?Keeper $keeper = null;

    public ?Pass $pass = null;

    private ?bool $isSigned = null;

    /** Somebody else asks. */
    public function nobody(): void
    {
        $this->keeper = $this->pass = $this->isSigned = null;
    }

    /** Whether this garden has an owner, and everybody signs in. */
    public function isSigned(): bool
    {
        return $this->isSigned ??= Keeper::query()->where('role', Role::Owner->value)->where('password', '!=', '')->exists();
    }

    /** Whose garden it is, where nobody signs in; null where nobody has said so. */
    public function owner(): ?Keeper
    {
        return $this->isSigned() ? null : Keeper::query()->where('role', Role::Owner->value)->first();
    }

    /** Nobody can be asked for: the garden cannot be read. */
    public function isUnknown(): void
    {
        $this->isSigned = false;
    }

    /** Somebody became the first owner. */
    public function isSignedNow(): void
    {
        $this->isSigned = true;
    }

    /** @return ?Role null of a stranger; whoever is at a garden where nobody signs in owns it */
    public function role(): ?Role
    {
        if (! $this->isSigned()) {
            return Role::Owner;
        }
        if ($this->keeper === null || $this->pass === null) {
            return null;
        }
        $own = $this->own();
        $purpose = Purpose::from($this->pass->purpose);
        if ($own === null || $purpose === Purpose::Pages) {
            return $own;
        }

        // A program does no more than whoever made its token may.
        return $own->may($purpose->role()) ? $purpose->role() : $own;
    }

    /** What they may themselves, whatever the pass is for. */
    public function own(): ?Role
    {
        return $this->keeper === null ? null : Role::tryFrom($this->keeper->role);
    }

    public function may(Role $need): bool
    {
        return $this->role()?->may($need) === true;
    }
}
