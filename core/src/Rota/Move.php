<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** A growing put into another year, added or taken out, all else as it is: what that costs, what it breaks, and what it would cost if the others made room. */
final readonly class Move
{
    /** Of the search with the others making room. */
    private const ROUNDS = 6;

    /**
     * @param  list<Breach>  $breaches
     * @param  list<WayOut>  $ways  where something is broken, the cheapest first
     * @param  ?float  $withRoom  by how much it is dearer where the others make room; null where nothing helps
     */
    private function __construct(public Rota $before, public Rota $after, public array $breaches, public array $ways, public ?float $withRoom) {}

    /**
     * @param  array<string, list<int>>  $sowings  of the rota as it stands, years from 0
     * @param  ?int  $from  the growing that is moved; null where one is added
     * @param  ?int  $to  null where it is taken out
     * @param  bool  $withWays  whether ways out are looked for where it breaks something
     */
    public static function of(RotaProblem $problem, array $sowings, string $line, ?int $from, ?int $to, bool $withWays = true): self
    {
        $before = Rota::of($problem, $sowings);
        $own = array_values(array_diff($sowings[$line] ?? [], $from === null ? [] : [$from]));
        if ($to !== null) {
            $own[] = $to;
        }
        $after = Rota::of($problem, [...$sowings, $line => array_values(array_unique($own))]);
        $breaches = $after->breaches();
        if ($breaches === [] || ! $withWays) {
            return new self($before, $after, $breaches, [], null);
        }
        // What is wanted is pinned, what was wanted stays wanted, and all else may move.
        $pinned = $problem->withEach(static fn (RotaLine $one): RotaLine => $one->id !== $line ? $one : $one->withYears(
            array_values(array_unique([...array_diff($one->pinned, $from === null ? [] : [$from]), ...($to === null ? [] : [$to])])),
            array_values(array_diff($one->forbidden, $to === null ? [] : [$to])),
        ));
        $room = RotaSearch::best($pinned, rounds: self::ROUNDS, steps: RotaSearch::QUICK)?->rota->cost();
        $collisions = Breaches::ofPins($pinned);

        return new self($before, $after, $breaches, $collisions === [] ? [] : WaysOut::of($pinned, $collisions), $room === null ? null : $room - $before->cost());
    }

    /** By how much it is dearer, as Rota::cost() counts; below 0 where it is cheaper. */
    public function price(): float
    {
        return $this->after->cost() - $this->before->cost();
    }
}
