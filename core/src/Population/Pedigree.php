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

    /** @var array<string, ?int> */
    private array $filial = [];

    /** @var array<string, true> being followed just now */
    private array $open = [];

    /**
     * @param  array<string, list<Descent>>  $links  by lot
     * @param  array<string, int>  $told  generation of a cross that somebody told of a lot, the F1 being 1
     * @param  array<string, true>  $stable  lots that were called stable: of them, and of what comes of them, no generations of a cross are counted
     */
    public function __construct(private readonly array $links, private readonly array $told = [], private readonly array $stable = []) {}

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
        return $this->generations[$lot] ??= $this->followed($lot, function () use ($lot): int {
            $generation = 0;
            foreach ($this->links[$lot] ?? [] as $link) {
                $generation = max($generation, ($link->from === null ? 0 : $this->generation($link->from)) + (int) $link->isGrown());
            }

            return $generation;
        });
    }

    /**
     * Its generation after a cross: what is picked of the cross itself is F1, and each growing-out counts one on. A cross begins it
     * anew; of parts that are of several, the last counts, since the mixture is no more mixed than that.
     *
     * @return ?int 1 for an F1; null of what comes of no cross, was called stable since, or of which that is not known
     *
     * @throws InvalidFigure where a lot would be its own forebear
     */
    public function filial(string $lot): ?int
    {
        if (! array_key_exists($lot, $this->filial)) {
            $this->filial[$lot] = $this->followed($lot, fn (): ?int => $this->countFilial($lot));
        }

        return $this->filial[$lot];
    }

    /** @return list<Descent> what it came of */
    public function links(string $lot): array
    {
        return $this->links[$lot] ?? [];
    }

    /** Whether where it began is known: no way back ends in a growing-out of seed that nobody named. */
    public function isWhole(string $lot): bool
    {
        foreach ([$lot, ...$this->forebears($lot)] as $one) {
            foreach ($this->links[$one] ?? [] as $link) {
                if ($link->from === null && $link->role !== Role::Father) {
                    return false;
                }
            }
        }

        return true;
    }

    /** Whether it is itself of a cross on purpose. */
    public function isCross(string $lot): bool
    {
        return array_any($this->links[$lot] ?? [], static fn (Descent $link): bool => $link->role === Role::Father);
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
                    if ($link->from !== null && $link->from !== $lot && ! isset($found[$link->from])) {
                        $found[$link->from] = true;
                        $ahead[] = $link->from;
                    }
                }
            }
            $next = $ahead;
        }

        return array_map(strval(...), array_keys($found));
    }

    /**
     * Its mothers, back to the first: of a mixture, the first part that was told.
     *
     * @return list<string> the lot itself first
     */
    public function motherLine(string $lot): array
    {
        $line = [];
        for ($one = $lot; $one !== null && ! in_array($one, $line, true);) {
            $line[] = $one;
            $one = array_find($this->links[$one] ?? [], static fn (Descent $link): bool => $link->role !== Role::Father)?->from;
        }

        return $line;
    }

    /**
     * Plants that gave seed at each picking on the way to it, the first first: through a mixture, the way by its first part, through a
     * cross by its mother.
     *
     * @return list<?int> null where nobody knows
     */
    public function pickings(string $lot): array
    {
        $plants = [];
        foreach (array_reverse($this->motherLine($lot)) as $one) {
            $link = array_find($this->links($one), static fn (Descent $link): bool => $link->role !== Role::Father);
            if ($link !== null && $link->isGrown()) {
                $plants[] = $link->plants;
            }
        }

        return $plants;
    }

    /**
     * What it is made of, as far back as is known: how much of its genes is of each lot that came from elsewhere, half of a cross by either
     * side, of a mixture by its shares (alike where any is not known).
     *
     * @return array<string, float> shares by lot, the most first; '' stands for what nobody named. They come to 1
     *
     * @throws InvalidFigure where a lot would be its own forebear
     */
    public function sources(string $lot): array
    {
        $sources = $this->followed("sources $lot", function () use ($lot): array {
            $links = $this->links[$lot] ?? [];
            if ($links === []) {
                return [$lot => 1.0];
            }
            $sources = [];
            foreach ($links as $link) {
                foreach ($link->from === null ? ['' => 1.0] : $this->sources($link->from) as $of => $share) {
                    $sources[$of] = ($sources[$of] ?? 0.0) + $share * $this->weight($link, $links);
                }
            }

            return $sources;
        });
        arsort($sources);

        return $sources;
    }

    /** @param  list<Descent>  $links  of the lot that it is one of */
    private function weight(Descent $link, array $links): float
    {
        $alike = array_filter($links, static fn (Descent $one): bool => $one->role === $link->role);
        $sides = count(array_unique(array_map(static fn (Descent $one): string => $one->role->value, $links)));
        $share = $link->role === Role::Part && array_all($alike, static fn (Descent $one): bool => $one->share !== null) ? (float) $link->share : 1.0 / count($alike);

        return $share / $sides;
    }

    private function countFilial(string $lot): ?int
    {
        if (isset($this->stable[$lot])) {
            return null;
        }
        if (isset($this->told[$lot])) {
            return $this->told[$lot];
        }
        if ($this->isCross($lot)) {
            return 1;
        }
        $most = null;
        foreach ($this->links[$lot] ?? [] as $link) {
            $before = $link->from === null ? null : $this->filial($link->from);
            if ($before === null) {
                return null;
            }
            $most = max($most ?? 0, $before + (int) $link->isGrown());
        }

        return $most;
    }

    /**
     * @template T
     *
     * @param  \Closure(): T  $count
     * @return T
     */
    private function followed(string $lot, \Closure $count): mixed
    {
        if (isset($this->open[$lot])) {
            throw InvalidFigure::because('lots', 'A lot cannot come from itself.');
        }
        $this->open[$lot] = true;
        try {
            return $count();
        } finally {
            unset($this->open[$lot]);
        }
    }
}
