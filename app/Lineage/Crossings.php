<?php

declare(strict_types=1);

namespace App\Lineage;

use App\Models\Code;
use App\Moment;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Journal\Subject;

/**
 * Crossings that came to light: off-types seen in a planting, more than strays make or judged by the keeper, show that the
 * lot it was sown from was crossed, and so is everything grown from that lot. Other lots of its bloom had the same pollen.
 */
final class Crossings
{
    /** @var array<string, Crossing>|null by id of the lot */
    private ?array $found = null;

    /** @var array<string, Crossing> by id of another lot of that bloom */
    private array $sisters = [];

    /**
     * As if these were all that had come to light.
     *
     * @param  array<string, Crossing>  $found  by id of the lot
     */
    public static function known(array $found): self
    {
        $known = new self;
        $known->found = $found;

        return $known;
    }

    public function of(string $lotId): ?Crossing
    {
        return $this->all()[$lotId] ?? null;
    }

    /** The crossing of another lot of the same bloom, of a lot that is not crossed itself by what is known. */
    public function sisterOf(string $lotId): ?Crossing
    {
        $this->all();

        return $this->sisters[$lotId] ?? null;
    }

    /** @return list<string> ids of all lots on which a crossing bears, and what of it does: theirs, or another's of their bloom */
    public function marks(): array
    {
        $marks = [];
        foreach (array_keys($this->all()) as $id) {
            $marks[] = "$id crossed";
        }
        foreach ($this->sisters as $id => $crossing) {
            $marks[] = "$id $crossing->lot $crossing->off/$crossing->seen";
        }

        return $marks;
    }

    /** @return list<string> ids of all lots on which a crossing bears, theirs or another's of their bloom */
    public function touched(): array
    {
        return array_map(strval(...), [...array_keys($this->all()), ...array_keys($this->sisters)]);
    }

    /** @return array<string, Crossing> by id of the lot */
    public function all(): array
    {
        return $this->found ??= $this->find();
    }

    public function forget(): void
    {
        $this->found = null;
        $this->sisters = [];
    }

    /** @return array<string, Crossing> */
    private function find(): array
    {
        // Most gardens have none; then one look is all it costs.
        $rows = DB::select(
            'WITH RECURSIVE seen AS (
                SELECT s.planting_id, s.crossing_at AS seen_at, s.off_types, s.looked_over, s.sown_lot, p.number AS seen_in, l.number AS lot, came.number AS came, came.id AS came_id, cs.season
                FROM planting_standings s INDEXED BY planting_standings_crossing
                JOIN plantings p ON p.id = s.planting_id
                JOIN lots l ON l.id = s.sown_lot
                LEFT JOIN lot_parents o ON o.lot_id = l.id AND o.planting_id IS NOT NULL AND o.role != \'father\'
                LEFT JOIN plantings came ON came.id = o.planting_id
                LEFT JOIN planting_standings cs ON cs.planting_id = came.id
                WHERE s.crossing = 1
             ), grown (root, id) AS (
                SELECT sown_lot, sown_lot FROM seen
                UNION
                -- By its pollen as by its seed.
                SELECT g.root, o.lot_id FROM grown g JOIN lot_parents o ON o.came = g.id
             ), sisters AS (
                -- Of the same bloom, open to the same bees: what was tied had its own pollen.
                SELECT seen.sown_lot AS root, o.lot_id AS id FROM seen
                JOIN lot_parents o ON o.planting_id = seen.came_id AND o.role != \'father\' AND o.lot_id != seen.sown_lot
                LEFT JOIN lot_standings ls ON ls.lot_id = o.lot_id
                LEFT JOIN lot_standings rs ON rs.lot_id = seen.sown_lot
                WHERE coalesce(ls.tied, 0) = coalesce(rs.tied, 0)
             ) SELECT seen.*, grown.id AS crossed, 0 AS sister FROM seen JOIN grown ON grown.root = seen.sown_lot
             UNION ALL SELECT seen.*, sisters.id AS crossed, 1 AS sister FROM seen JOIN sisters ON sisters.root = seen.sown_lot
             ORDER BY sister, seen_in',
        );
        $crossed = [];
        foreach ($rows as $row) {
            /** @var object{seen_at: ?string, off_types: int, looked_over: int, seen_in: int, lot: int, came: int|null, season: int|null, crossed: string, sister: int} $row */
            if ($row->sister === 1 && isset($crossed[$row->crossed])) {
                continue;
            }
            $one = new Crossing(Code::of(Subject::Lot, $row->lot), Code::of(Subject::Planting, $row->seen_in), $row->came === null ? null : Code::of(Subject::Planting, $row->came), $row->season, $row->off_types, $row->looked_over, $row->seen_at === null ? null : Moment::read($row->seen_at));
            $row->sister === 1 ? $this->sisters[$row->crossed] ??= $one : $crossed[$row->crossed] ??= $one;
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
                SELECT o.lot_id FROM grown JOIN lot_parents o ON o.came = grown.id
             ) SELECT id FROM grown',
            [$lot],
        );

        return array_values(array_map(static function (mixed $row): string {
            /** @var object{id: string} $row */
            return $row->id;
        }, $rows));
    }
}
