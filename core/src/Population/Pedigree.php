<?php

declare(strict_types=1);

namespace Marrow\Core\Population;

use Marrow\Core\Fields\InvalidFigure;

/**
 * What lots came from, all the way back. A link leads from a lot to one that it came from, over a growing-out or without one (set
 * apart, poured together); a lot without links came from elsewhere.
 */
final class Pedigree
{
    /** @var array<string, int> */
    private array $generations = [];

    /** @var array<string, true> being followed just now */
    private array $open = [];

    /** @param  array<string, list<array{from: ?string, grown: bool}>>  $links  by lot; from nobody knows which, null */
    public function __construct(private readonly array $links) {}

    /**
     * How often it was grown out here since it came from elsewhere: by the longest way where there are several, so that the number never
     * falls from a lot to what came of it.
     *
     * @return int 0 for what came from elsewhere
     *
     * @throws InvalidFigure where a lot would be its own forebear
     */
    public function generation(string $lot): int
    {
        if (isset($this->generations[$lot])) {
            return $this->generations[$lot];
        }
        if (isset($this->open[$lot])) {
            throw InvalidFigure::because('lots', 'A lot cannot come from itself.');
        }
        $this->open[$lot] = true;
        $generation = 0;
        foreach ($this->links[$lot] ?? [] as $link) {
            $generation = max($generation, ($link['from'] === null ? 0 : $this->generation($link['from'])) + (int) $link['grown']);
        }
        unset($this->open[$lot]);

        return $this->generations[$lot] = $generation;
    }

    /** Whether where it began is known: no way back ends in a growing-out of seed that nobody named. */
    public function isWhole(string $lot): bool
    {
        foreach ([$lot, ...$this->forebears($lot)] as $one) {
            foreach ($this->links[$one] ?? [] as $link) {
                if ($link['from'] === null) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return list<string> those it came from, the nearest first, each once */
    public function forebears(string $lot): array
    {
        $found = [];
        $next = [$lot];
        while ($next !== []) {
            $ahead = [];
            foreach ($next as $one) {
                foreach ($this->links[$one] ?? [] as $link) {
                    if ($link['from'] !== null && $link['from'] !== $lot && ! isset($found[$link['from']])) {
                        $found[$link['from']] = true;
                        $ahead[] = $link['from'];
                    }
                }
            }
            $next = $ahead;
        }

        return array_map(strval(...), array_keys($found));
    }
}
