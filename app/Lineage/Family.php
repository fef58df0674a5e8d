<?php

declare(strict_types=1);

namespace App\Lineage;

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
        $family = $crossings->withDescendants($lot);
        $links = self::linksBackFrom($family);
        $pedigree = new Pedigree(array_map(static fn (array $of): array => array_map(static fn (array $link): array => ['from' => $link['from'], 'grown' => $link['grown']], $of), $links));

        return new self($pedigree, $pedigree->forebears($lot), array_values(array_diff($family, [$lot])), $links);
    }

    /** @return list<string> ids of the plantings that these lots were picked from */
    public function plantingsOf(string ...$lots): array
    {
        $plantings = [];
        foreach ($lots as $lot) {
            foreach ($this->links[$lot] ?? [] as $link) {
                $link['planting'] === null || $plantings[$link['planting']] = true;
            }
        }

        return array_map(strval(...), array_keys($plantings));
    }

    /**
     * All that these came from is followed to its beginning: what came of a lot may have come of others as well, whose generations count.
     *
     * @param  list<string>  $lots
     * @return array<string, list<array{kind: string, planting: ?string, from: ?string, told: string, grown: bool}>>
     */
    private static function linksBackFrom(array $lots): array
    {
        $links = array_fill_keys($lots, []);
        $rows = DB::select(
            'WITH RECURSIVE back(id) AS (
                SELECT value FROM json_each(?)
                UNION
                SELECT coalesce(o.from_lot_id, s.sown_lot) FROM back
                JOIN lot_origins o ON o.lot_id = back.id
                LEFT JOIN planting_standings s ON s.planting_id = o.planting_id
                WHERE coalesce(o.from_lot_id, s.sown_lot) IS NOT NULL
             )
             SELECT o.lot_id, o.kind, o.planting_id, o.from_lot_id, coalesce(o.from_lot_id, s.sown_lot) AS came, s.sown_from AS told
             FROM back CROSS JOIN lot_origins o ON o.lot_id = back.id LEFT JOIN planting_standings s ON s.planting_id = o.planting_id',
            [json_encode($lots, JSON_THROW_ON_ERROR)],
        );
        foreach ($rows as $row) {
            /** @var object{lot_id: string, kind: string, planting_id: ?string, from_lot_id: ?string, came: ?string, told: ?string} $row */
            if ($row->planting_id !== null || $row->came !== null) {
                // A part of a lot has the planting of the whole, too, and was not grown out once more for that.
                $links[$row->lot_id][] = ['kind' => $row->kind, 'planting' => $row->planting_id, 'from' => $row->came, 'told' => $row->told ?? '', 'grown' => $row->from_lot_id === null];
            }
        }

        return $links;
    }
}
