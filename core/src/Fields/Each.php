<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/** How many values a field asks for when it asks for several. */
final readonly class Each
{
    /**
     * @param  int  $count  how many stand in the form to begin with; 0 where they are typed into one line
     * @param  bool  $grows  whether more can be added; else there must be just so many
     */
    private function __construct(public int $count, public bool $grows) {}

    /** As many as there are. */
    public static function asMany(): self
    {
        return new self(0, true);
    }

    /** Some to begin with, more when wanted; an empty one is not counted. */
    public static function startingWith(int $count): self
    {
        return new self($count, true);
    }

    /** One for each of so many: the dishes of a test, say. */
    public static function of(int $count): self
    {
        return new self($count, false);
    }
}
