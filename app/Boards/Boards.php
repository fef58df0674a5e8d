<?php

declare(strict_types=1);

namespace App\Boards;

use Illuminate\Contracts\Container\Container;
use LogicException;
use Marrow\Core\Work\Place;

/** The boards of all places. */
final readonly class Boards
{
    /** @param  list<class-string<Board>>  $boards  one for each place */
    public function __construct(private Container $container, private array $boards) {}

    public function of(string $place): ?Board
    {
        $known = Place::tryFrom($place);

        return $known === null ? null : $this->container->make($this->classOf($known));
    }

    /** @return class-string<Board> */
    public function classOf(Place $place): string
    {
        foreach ($this->boards as $board) {
            if ($board::place() === $place) {
                return $board;
            }
        }

        throw new LogicException("$place->name has no board.");
    }
}
