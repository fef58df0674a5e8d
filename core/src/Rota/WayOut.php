<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** Something given up or got, with what the best rota then costs. */
final readonly class WayOut
{
    /**
     * @param  ?string  $line  whose need it is
     * @param  ?int  $year  from 0
     * @param  ?Resource  $resource  of which more is given
     * @param  float  $amount  of it, in every year
     * @param  float  $cost  of the best rota that was found then
     * @param  float  $price  by how much that is above what it would cost if nothing were pinned; below 0 where it makes up for more than the pins cost
     */
    public function __construct(
        public WayKind $kind,
        public ?string $line,
        public ?int $year,
        public ?Resource $resource,
        public float $amount,
        public float $cost,
        public float $price,
    ) {}

    public function isFor(Breach $breach): bool
    {
        return $this->line === null ? $this->resource === $breach->resource() : in_array($this->line, $breach->lines, true);
    }

    /** @param  \Closure(string): string  $name  of a line */
    public function said(int $firstYear, \Closure $name): string
    {
        $line = $this->line === null ? '' : $name($this->line);
        $year = $this->year === null ? '' : (string) ($firstYear + $this->year);

        return match ($this->kind) {
            WayKind::Unpin => "Sow $line in another year than $year",
            WayKind::Allow => "Allow $line in $year after all",
            WayKind::More => ucfirst(($this->resource?->said($this->amount) ?? '').' more in every year'),
            WayKind::Fewer => "Grow half as many plants of $line",
            WayKind::Sent => "Send $line to another keeper who grows it",
            WayKind::Stored => sprintf('Store %s %s or 1 %% drier, and sow it in another year than %s', $line, WaysOut::colder(), $year),
            WayKind::LetGo => "Let $line go",
        };
    }

    /**
     * @param  \Closure(string): string  $name  of a line
     * @return array<string, mixed>
     */
    public function toArray(int $firstYear, \Closure $name): array
    {
        return [
            'give_up' => $this->kind->value,
            'line' => $this->line,
            'year' => $this->year === null ? null : $firstYear + $this->year,
            ...($this->resource === null ? [] : ['resource' => $this->resource->value, 'amount' => $this->amount]),
            'says' => $this->said($firstYear, $name),
            'cost' => $this->cost,
            'price' => $this->price,
        ];
    }
}
