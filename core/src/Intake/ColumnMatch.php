<?php

declare(strict_types=1);

namespace Marrow\Core\Intake;

use Marrow\Core\Steps\Storing\ContainerKind;

/** Which column of a list is which of ours: by its heading, or where the list has none, by what stands in it. */
final readonly class ColumnMatch
{
    /** Share of the cells that must look like it. */
    private const ENOUGH = 0.6;

    /** Rows down to which headings are looked for: what stands above them are titles. */
    private const DOWN_TO = 12;

    /** Cells filled of a row of packets, at least, where a row with one alone is a title. */
    private const OF_A_LIST = 3;

    /**
     * @param  bool  $hasHeadings  whether the first row that is not left out says what stands below it
     * @param  list<?Column>  $columns  null of what is none of ours; none stands twice
     * @param  array<string, string>  $units  that headings give to bare numbers, by column
     * @param  int  $above  rows above that are no packets: titles, empty ones
     */
    private function __construct(public bool $hasHeadings, public array $columns, public array $units, public int $above) {}

    /** @param  non-empty-list<list<string>>  $rows  the first of the list */
    public static function of(array $rows, CropNames $crops): self
    {
        $at = self::headingsAt($rows);
        if ($at !== null) {
            $headed = array_map(Column::headed(...), $rows[$at]);
            $units = [];
            foreach ($headed as $i => $column) {
                $unit = Column::unitOf($rows[$at][$i]);
                if ($column !== null && $unit !== '' && $unit !== '%') {
                    $units[$column->value] = $unit;
                }
            }

            return new self(true, self::once($headed), $units, $at);
        }
        $above = self::titles($rows);
        $rows = array_slice($rows, $above);
        $columns = [];
        foreach (array_keys($rows[0] ?? []) as $i) {
            $cells = array_values(array_filter(array_map(static fn (array $row): string => trim($row[$i] ?? ''), $rows), static fn (string $cell): bool => $cell !== ''));
            $columns[] = $cells === [] ? null : self::looksLike($cells, $crops);
        }
        $columns = self::once($columns);
        // The first that is words and nothing else is the name.
        $free = array_search(null, $columns, true);
        if ($free !== false && ! in_array(Column::Variety, $columns, true)) {
            $columns[$free] = Column::Variety;
        }

        return new self(false, $columns, [], $above);
    }

    /**
     * The row that says what stands below it. One word that is a heading may as well be the name of a variety.
     *
     * @param  non-empty-list<list<string>>  $rows
     */
    private static function headingsAt(array $rows): ?int
    {
        $best = null;
        $most = 1;
        foreach (array_slice($rows, 0, self::DOWN_TO) as $at => $row) {
            $known = count(array_unique(array_filter(array_map(static fn (string $cell): ?string => Column::headed($cell)?->value, $row))));
            $filled = self::filled($row);
            if ($at === 0 && $known === 1 && $filled === 1 && self::filled($rows[1] ?? []) <= 1) {
                return 0;
            }
            // Further down they must be most of the row: a packet may be called like a heading or two.
            if ($known > $most && ($at === 0 || 2 * $known > $filled)) {
                [$best, $most] = [$at, $known];
            }
        }

        return $best;
    }

    /**
     * How many rows at the top have one cell where those of the list have several.
     *
     * @param  non-empty-list<list<string>>  $rows
     */
    private static function titles(array $rows): int
    {
        $filled = array_map(self::filled(...), $rows);
        $most = max($filled);
        $above = 0;
        while ($most >= self::OF_A_LIST && $above < count($rows) - 1 && $filled[$above] <= 1) {
            $above++;
        }

        return $above;
    }

    /** @param  list<string>  $row */
    private static function filled(array $row): int
    {
        return count(array_filter($row, static fn (string $cell): bool => trim($cell) !== ''));
    }

    /** @param  non-empty-list<string>  $cells */
    private static function looksLike(array $cells, CropNames $crops): ?Column
    {
        $share = static fn (callable $is): float => count(array_filter($cells, $is)) / count($cells);

        return match (true) {
            $share(static fn (string $cell): bool => preg_match('/^\d{1,3}([.,]\d+)?\s*%$/', $cell) === 1) >= self::ENOUGH => Column::Germinates,
            $share(static fn (string $cell): bool => preg_match('/^(19|20)\d{2}$/', $cell) === 1) >= self::ENOUGH => Column::Year,
            $share(static fn (string $cell): bool => Written::seeds($cell) !== null || Written::grams($cell) !== null || Written::isSome($cell)) >= self::ENOUGH => Column::Amount,
            $share(static fn (string $cell): bool => ContainerKind::spokenOf($cell) !== null) >= self::ENOUGH => Column::Container,
            $share(static fn (string $cell): bool => self::isCrop($crops->of($cell))) >= self::ENOUGH => Column::Crop,
            default => null,
        };
    }

    /** For sure, or one of several that are called so. What only resembles a name is the name of something else as often. */
    private static function isCrop(CropMeant $meant): bool
    {
        return $meant->crop !== null ? $meant->sure : $meant->names !== [];
    }

    /**
     * @param  list<?Column>  $columns
     * @return list<?Column> the second of the same is none
     */
    private static function once(array $columns): array
    {
        $seen = [];
        foreach ($columns as $i => $column) {
            if ($column !== null && in_array($column, $seen, true)) {
                $columns[$i] = null;
            } elseif ($column !== null) {
                $seen[] = $column;
            }
        }

        return $columns;
    }
}
