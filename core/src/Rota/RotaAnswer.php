<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** What is said of a problem: the rota with its reasons, or which needs collide and what could be given up. */
final readonly class RotaAnswer
{
    /**
     * @param  ?FoundRota  $found  null where pins cannot be met
     * @param  list<Breach>  $breaches  needs that collide, where nothing was found
     * @param  list<WayOut>  $ways  what could be given up, the cheapest first
     */
    private function __construct(public RotaProblem $problem, public ?FoundRota $found, public array $breaches, public array $ways) {}

    /** @param  ?\Closure(float, float, \Closure(): FoundRota): bool  $watch  as that of RotaSearch */
    public static function of(RotaProblem $problem, ?\Closure $watch = null, ?Solver $solver = null): self
    {
        $found = RotaSearch::best($problem, $watch, solver: $solver);
        $breaches = $found === null ? Breaches::ofPins($problem) : [];

        return new self($problem, $found, $breaches, $breaches === [] ? [] : WaysOut::of($problem, $breaches));
    }

    /**
     * @param  ?\Closure(string): string  $name  of a line
     * @return array<string, mixed> as the open document has it
     */
    public function toArray(?\Closure $name = null): array
    {
        // Ids of a garden say nothing to whoever reads it.
        $called = static fn (string $id): array => $name === null ? [] : ['name' => $name($id)];
        $name ??= static fn (string $id): string => $id;
        $rota = $this->found?->rota;
        $year = fn (int $index): int => $this->problem->firstYear + $index;

        return [
            'fits' => $this->found !== null,
            'cost' => $rota?->cost(),
            'risk' => $rota?->risk,
            'hours' => $rota?->hours,
            'bound' => $this->found?->bound,
            'proven' => $this->found !== null && $this->found->isProven,
            'growings' => $rota === null ? [] : array_map(fn (Growing $growing): array => ['line' => $growing->line, ...$called($growing->line), 'sow' => $year($growing->sow), 'harvest' => $year($growing->harvest), 'why' => Why::of($rota, $growing)], $rota->growings()),
            'lines' => $rota === null ? [] : array_map(static fn (RotaLine $line): array => ['id' => $line->id, ...$called($line->id), 'kept' => $rota->kept[$line->id]], $this->problem->lines),
            'years' => $rota === null ? [] : array_map(static fn (int $index): array => ['year' => $year($index), ...array_map(static fn (array $used): float => $used[$index], $rota->used)], range(0, $this->problem->years - 1)),
            'collisions' => array_map(fn (Breach $breach): array => [
                'kind' => $breach->kind->value,
                'year' => $breach->year === null ? null : $year($breach->year),
                'lines' => $breach->lines,
                ...($breach->resource() === null ? [] : ['needs' => $breach->needs, 'given' => $breach->given]),
                'says' => $breach->said($this->problem->firstYear, $name),
                'ways' => array_values(array_map(fn (WayOut $way): array => $way->toArray($this->problem->firstYear, $name), array_filter($this->ways, static fn (WayOut $way): bool => $way->isFor($breach)))),
            ], $this->breaches),
        ];
    }
}
