<?php

declare(strict_types=1);

namespace Marrow\Core\Harvest;

/** When a fruit that was picked ripe is opened: its seed ripens on in it for some weeks, and later sprouts or rots with it. */
final readonly class ShelfWindow
{
    /**
     * @param  \DateTimeImmutable  $from  seed is worth having from here on
     * @param  \DateTimeImmutable  $best  and best here
     * @param  \DateTimeImmutable  $until  longest that it lies
     * @param  bool  $isShort  it cannot lie as long as its seed would want
     */
    public function __construct(public \DateTimeImmutable $from, public \DateTimeImmutable $best, public \DateTimeImmutable $until, public bool $isShort = false) {}

    /**
     * Of a sound fruit, from the day it was picked.
     *
     * @param  array{int, int, int}  $days  that it lies: least, best, longest
     */
    public static function of(array $days, \DateTimeImmutable $picked): self
    {
        $morning = $picked->setTime(9, 0);

        return new self(...array_map(static fn (int $after): \DateTimeImmutable => $morning->modify("+$after days"), $days));
    }

    /** The same of a fruit that does not last until then. */
    public function cutShort(\DateTimeImmutable $until): self
    {
        return $until >= $this->until ? $this : new self(min($this->from, $until), min($this->best, $until), $until, $until < $this->from);
    }
}
