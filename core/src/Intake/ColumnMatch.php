<?php

declare(strict_types=1);

namespace Marrow\Core\Intake;

use Marrow\Core\Steps\Storing\ContainerKind;

/** Which column of a list is which of ours: by its heading, or where the list has none, by what stands in it. */
final readonly class ColumnMatch
{
    /** Share of the cells that must look like it. */
    private const ENOUGH = 0.6;

    /**
     * @param  bool  $hasHeadings  whether the first row says what stands below it
     * @param  list<?Column>  $columns  null of what is none of ours; none stands twice
     * @param  array<string, string>  $units  that headings give to bare numbers, by column
     */
    private function __construct(public bool $hasHeadings, public array $columns, public array $units) {}

    /** @param  non-empty-list<list<string>>  $rows  the first of the list */
    public static function of(array $rows, CropNames $crops): self
    {
        $headed = array_map(Column::headed(...), $rows[0]);
        // One word that is a heading may as well be the name of a variety.
        $known = count(array_filter($headed));
        if ($known >= 2 || ($known === 1 && count(array_filter($rows[0], static fn (string $cell): bool => trim($cell) !== '')) === 1)) {
            $units = [];
            foreach ($headed as $i => $column) {
                $unit = Column::unitOf($rows[0][$i]);
                if ($column !== null && $unit !== '' && $unit !== '%') {
                    $units[$column->value] = $unit;
                }
            }

            return new self(true, self::once($headed), $units);
        }
        $columns = [];
        foreach (array_keys($rows[0]) as $i) {
            $cells = array_values(array_filter(array_map(static fn (array $row): string => trim($row[$i] ?? ''), $rows), static fn (string $cell): bool => $cell !== ''));
            $columns[] = $cells === [] ? null : self::looksLike($cells, $crops);
        }
        $columns = self::once($columns);
        // The first that is words and nothing else is the name.
        $free = array_search(null, $columns, true);
        if ($free !== false && ! in_array(Column::Variety, $columns, true)) {
            $columns[$free] = Column::Variety;
        }

        return new self(false, $columns, []);
    }

    /** @param  non-empty-list<string>  $cells */
    private static function looksLike(array $cells, CropNames $crops): ?Column
    {
        $share = static fn (callable $is): float => count(array_filter($cells, $is)) / count($cells);

        return match (true) {
            $share(static fn (string $cell): bool => preg_match('/^\d{1,3}([.,]\d+)?\s*%$/', $cell) === 1) >= self::ENOUGH => Column::Germinates,
            $share(static fn (string $cell): bool => preg_match('/^(19|20)\d{2}$/', $cell) === 1) >= self::ENOUGH => Column::Year,
            $share(static fn (string $cell): bool => Written::seeds($cell) !== null || Written::grams($cell) !== null || Written::isSome($cell)) >= self::ENOUGH => Column::Amount,
            $share(static fn (string $cell): bool => $crops->of($cell)->crop !== null || $crops->of($cell)->names !== []) >= self::ENOUGH => Column::Crop,
            $share(static fn (string $cell): bool => ContainerKind::spokenOf($cell) !== null) >= self::ENOUGH => Column::Container,
            default => null,
        };
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
