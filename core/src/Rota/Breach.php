<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** Needs that do not go together in one year, and the lines whose needs they are. */
final readonly class Breach
{
    /** Lines that are named one by one, at most. */
    private const NAMED = 6;

    /**
     * @param  ?int  $year  from 0; null where no single one is meant
     * @param  list<string>  $lines
     * @param  float  $needs  of the resource, with all of them
     */
    public function __construct(public BreachKind $kind, public ?int $year, public array $lines, public float $needs = 0.0, public float $given = 0.0) {}

    public function resource(): ?Resource
    {
        return match ($this->kind) {
            BreachKind::Area => Resource::Area,
            BreachKind::Hours => Resource::Hours,
            BreachKind::Cages => Resource::Cages,
            default => null,
        };
    }

    /** @param  \Closure(string): string  $name  of a line */
    public function said(int $firstYear, \Closure $name): string
    {
        $lines = self::listed(array_map($name, $this->lines));
        $in = $this->year === null ? '' : ' in '.($firstYear + $this->year);
        $resource = $this->resource();

        return match (true) {
            $resource !== null => sprintf('%s need %s%s, and there %s %s.', ucfirst($lines), $resource->said($this->needs), $in, $resource === Resource::Cages && $this->given !== 1.0 ? 'are' : 'is', $resource->said($this->given)),
            $this->kind === BreachKind::Crossing => ucfirst("$lines would cross$in, and nothing keeps them apart."),
            $this->kind === BreachKind::Forbidden => ucfirst("$lines is to be sown$in, which is also ruled out."),
            $this->kind === BreachKind::Overlap => ucfirst("$lines would have to be sown again$in while it still stands from an earlier sowing."),
            default => ucfirst("$lines is to be sown$in, and would not be ripe by the end of the rota."),
        };
    }

    /** @param  list<string>  $names  of lines, one or more; of many the first ones */
    public static function listed(array $names): string
    {
        if (count($names) > self::NAMED) {
            $names = [...array_slice($names, 0, self::NAMED - 1), count($names) - self::NAMED + 1 .' others'];
        }
        $last = array_pop($names);

        // A name may hold a comma, as "Groyne, parsnip" does.
        return match (count($names)) {
            0 => (string) $last,
            1 => "$names[0] and $last",
            default => implode('; ', $names)."; and $last",
        };
    }
}
