<?php

declare(strict_types=1);

namespace App\Lineage;

use App\Moment;
use Illuminate\Support\Facades\DB;

/**
 * Crossings that came to light: off-types seen in a planting, more than strays make or judged by the keeper, show that the
 * lot it was sown from was crossed, and so is everything grown from that lot.
 */
final class Crossings
{
    /** @var array<string, Crossing>|null by id of the lot */
    private ?array $found = null;

    public function of(string $lotId): ?Crossing
    {
        return $this->all()[$lotId] ?? null;
    }

    /** @return array<string, Crossing> by id of the lot */
    public function all(): array
    {
        return $this->found ??= $this->find();
    }

    public function forget(): void
    {
        $this->found = null;
    }

    /** @return array<string, Crossing> */
    private function find(): array
    {
        // Most gardens have none; then one look is all it costs.
        $rows = DB::select(
            'WITH RECURSIVE seen AS (
                SELECT s.planting_id, s.crossing_at AS seen_at, s.off_types, s.looked_over, s.sown_lot, p.number AS seen_in, l.number AS lot, came.number AS came, cs.season
                FROM planting_standings s INDEXED BY planting_standings_crossing
                JOIN plantings p ON p.id = s.planting_id
                JOIN lots l ON l.id = s.sown_lot
                LEFT JOIN lot_origins o ON o.lot_id = l.id AND o.planting_id IS NOT NULL
                LEFT JOIN plantings came ON came.id = o.planting_id
                LEFT JOIN planting_standings cs ON cs.planting_id = came.id
                WHERE s.crossing = 1
             ), grown (root, id) AS (
                SELECT sown_lot, sown_lot FROM seen
                UNION
                SELECT g.root, o.lot_id FROM grown g
                JOIN planting_standings s ON s.sown_lot = g.id
                JOIN lot_origins o ON o.planting_id = s.planting_id
                UNION
                SELECT g.root, m.lot_id FROM grown g JOIN lot_origins m ON m.from_lot_id = g.id
             ) SELECT seen.*, grown.id AS crossed FROM seen JOIN grown ON grown.root = seen.sown_lot ORDER BY seen.seen_in',
        );
        $crossed = [];
        foreach ($rows as $row) {
            /** @var object{seen_at: ?string, off_types: int, looked_over: int, seen_in: int, lot: int, came: int|null, season: int|null, crossed: string} $row */
            $crossed[$row->crossed] ??= new Crossing('L'.$row->lot, 'P'.$row->seen_in, $row->came === null ? null : 'P'.$row->came, $row->season, $row->off_types, $row->looked_over, $row->seen_at === null ? null : Moment::read($row->seen_at));
        }

        return $crossed;
    }

    /** @return list<string> the lot, the lots picked from what was sown from it, and so on */
    public function withDescendants(string $lot): array
    {
        $rows = DB::select(
            'WITH RECURSIVE grown(id) AS (
                SELECT ?
                UNION
                SELECT o.lot_id FROM grown
                JOIN planting_standings s ON s.sown_lot = grown.id
                JOIN lot_origins o ON o.planting_id = s.planting_id
                UNION
                SELECT m.lot_id FROM grown JOIN lot_origins m ON m.from_lot_id = grown.id
             ) SELECT id FROM grown',
            [$lot],
        );

        return array_values(array_map(static function (mixed $row): string {
            /** @var object{id: string} $row */
            return $row->id;
        }, $rows));
    }
}
