<?php

declare(strict_types=1);

namespace App\Lineage;

use App\Models\Bulk;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Population\Pedigree;

/** The family of a lot: what it came from and what came of it, as links of one graph. */
final readonly class Family
{
    /**
     * @param  list<string>  $forebears  ids of lots, the nearest first
     * @param  list<string>  $offspring
     * @param  array<string, list<array{kind: string, planting: ?string, from: ?string, told: string, grown: bool}>>  $links  by lot; told: what its planting was said to be sown from, in words
     */
    private function __construct(public Pedigree $pedigree, public array $forebears, public array $offspring, public array $links) {}

    /** @param  string  $lot  id */
    public static function of(string $lot, Crossings $crossings): self
    {
        $offspring = array_values(array_diff($crossings->withDescendants($lot), [$lot]));
        $links = self::links([...self::withForebears($lot), ...$offspring]);
        // What came of it may have come of others as well, which are not of its family; their generations count all the same.
        for ($known = array_keys($links), $n = 0; $n < 60; $n++) {
            $beyond = array_values(array_diff(array_filter(array_merge(...array_map(static fn (array $of): array => array_column($of, 'from'), array_values($links)), ...[[]])), $known));
            if ($beyond === []) {
                break;
            }
            $links += self::links($beyond);
            $known = [...$known, ...$beyond];
        }
        $pedigree = new Pedigree(array_map(static fn (array $of): array => array_map(static fn (array $link): array => ['from' => $link['from'], 'grown' => $link['grown']], $of), $links));

        return new self($pedigree, $pedigree->forebears($lot), $offspring, $links);
    }

    /** @return list<string> */
    private static function withForebears(string $lot): array
    {
        return array_map(strval(...), array_column(DB::select(
            'WITH RECURSIVE back(id) AS (
                SELECT ?
                UNION
                SELECT coalesce(o.from_lot_id, s.sown_lot) FROM back
                JOIN lot_origins o ON o.lot_id = back.id
                LEFT JOIN planting_standings s ON s.planting_id = o.planting_id
                WHERE coalesce(o.from_lot_id, s.sown_lot) IS NOT NULL
             ) SELECT id FROM back',
            [$lot],
        ), 'id'));
    }

    /**
     * @param  list<string>  $lots
     * @return array<string, list<array{kind: string, planting: ?string, from: ?string, told: string, grown: bool}>>
     */
    private static function links(array $lots): array
    {
        $links = array_fill_keys($lots, []);
        foreach (array_chunk($lots, 400) as $some) {
            foreach (DB::select('SELECT o.lot_id, o.kind, o.planting_id, o.from_lot_id, coalesce(o.from_lot_id, s.sown_lot) AS came, s.sown_from AS told FROM lot_origins o LEFT JOIN planting_standings s ON s.planting_id = o.planting_id WHERE o.lot_id IN ('.Bulk::marks($some).')', $some) as $row) {
                /** @var object{lot_id: string, kind: string, planting_id: ?string, from_lot_id: ?string, came: ?string, told: ?string} $row */
                // A part of a lot has the planting of the whole, too, and was not grown out once more for that.
                if ($row->planting_id !== null || $row->came !== null) {
                    $links[$row->lot_id][] = ['kind' => $row->kind, 'planting' => $row->planting_id, 'from' => $row->came, 'told' => $row->told ?? '', 'grown' => $row->from_lot_id === null];
                }
            }
        }

        return $links;
    }
}
