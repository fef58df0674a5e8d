<?php

declare(strict_types=1);

namespace App\Boards;

use Marrow\Core\Work\Place;

/** The boards of all places. */
final readonly class Boards
{
    /** @var array<string, Board> by place */
    private array $boards;

    /** @param  iterable<Board>  $boards */
    public function __construct(iterable $boards)
    {
        $byPlace = [];
        foreach ($boards as $board) {
            $byPlace[$board->place()->value] = $board;
        }
        $this->boards = $byPlace;
    }

    public function of(string $place): ?Board
    {
        return $this->boards[$place] ?? null;
    }

    /** @return list<Board> in the order of the places */
    public function all(): array
    {
        return array_values(array_filter(array_map(fn (Place $place): ?Board => $this->of($place->value), Place::cases())));
    }
}
