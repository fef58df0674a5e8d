<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Shelf;

use Marrow\Core\Harvest\ShelfWindow;

/** What is known of one fruit that was laid on the shelf. */
final class ShelvedFruit
{
    public FruitState $state = FruitState::Sound;

    public \DateTimeImmutable $seenAt;

    public ?string $placeId;

    public ?FruitCut $cut = null;

    public ?\DateTimeImmutable $cutAt = null;

    public ?FruitTasted $tasted = null;

    public ?FruitGone $gone = null;

    public ?\DateTimeImmutable $goneAt = null;

    /** Id of the lot that its seed went into. */
    public ?string $lot = null;

    public function __construct(public readonly FruitShelved $shelved, public readonly \DateTimeImmutable $pickedAt, private readonly ?ShelfWindow $ordinary)
    {
        $this->seenAt = $pickedAt;
        $this->placeId = $shelved->placeId;
    }

    /** As it stands on its tag: the planting's code, and its number in that. */
    public static function codeOf(string $planting, int $number): string
    {
        return "$planting-$number";
    }

    public function number(): int
    {
        return $this->shelved->fruit;
    }

    /** Whether it lies there whole. */
    public function lies(): bool
    {
        return $this->cut === null && $this->gone === null && $this->lot === null;
    }

    /** Whether it is open, its seed worth having and still in it. */
    public function wantsTakingOut(): bool
    {
        return $this->cut !== null && $this->lot === null && $this->gone === null && $this->cut->bitter !== 'yes' && in_array($this->cut->inside, [null, FruitInside::Plump], true);
    }

    /** When it is best opened, as it is; null where its crop is not known to gain by lying, and it is sound. */
    public function window(): ?ShelfWindow
    {
        $lasts = $this->state->lastsDays();
        if ($lasts === null) {
            return $this->ordinary;
        }
        $until = $this->seenAt->setTime(9, 0)->modify("+$lasts days");

        return $this->ordinary?->cutShort($until) ?? new ShelfWindow($this->seenAt, $this->seenAt, $until);
    }

    /** Whole days that it kept; null while it still lies there. */
    public function keptDays(): ?int
    {
        $until = $this->cutAt ?? $this->goneAt;

        return $until === null ? null : (int) $this->pickedAt->setTime(9, 0)->diff($until->setTime(9, 0))->days;
    }
}
