<?php

declare(strict_types=1);

namespace App\Lineage;

use App\Models\Bulk;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Population\Descent;
use Marrow\Core\Population\Pedigree;
use Marrow\Core\Population\Role;

/** The family of a lot, or of all lots of a variety: what they came from and what came of them, as links of one graph. */
final readonly class Family
{
    public Pedigree $pedigree;

    /**
     * @param  list<string>  $roots  ids of the lots whose family it is
     * @param  list<string>  $forebears  ids of lots, the nearest first
     * @param  list<string>  $offspring  ids, in the order of their numbers
     */
    private function __construct(public array $roots, public array $forebears, public array $offspring, public Generations $generations)
    {
        $this->pedigree = $generations->pedigree;
    }

    public static function of(string ...$roots): self
    {
        $roots = array_values($roots);
        // Followed back are all: what came of a lot may have come of others as well, whose generations count.
        $offspring = self::descendants($roots);
        $generations = Generations::of([...$roots, ...$offspring]);
        $forebears = array_values(array_diff(array_unique(array_merge([], ...array_map($generations->pedigree->forebears(...), $roots))), $roots));

        return new self($roots, $forebears, $offspring, $generations);
    }

    public static function ofVariety(string $variety): self
    {
        return self::of(...Bulk::ids(DB::table('lots')->where('variety_id', $variety)->orderBy('number')->pluck('id')));
    }

    /** @return list<string> ids: they, all they came from and all that came of them; and what else gave to those */
    public function all(): array
    {
        $within = array_fill_keys([...$this->roots, ...$this->forebears, ...$this->offspring], true);
        $others = [];
        foreach (array_keys($within) as $lot) {
            foreach ($this->pedigree->links((string) $lot) as $link) {
                if ($link->from !== null && ! isset($within[$link->from])) {
                    $others[$link->from] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($within + $others));
    }

    /** @return list<string> ids of the plantings that these lots were picked from, or had the pollen of */
    public function plantingsOf(string ...$lots): array
    {
        $plantings = [];
        foreach ($lots as $lot) {
            foreach ($this->links($lot) as [, $planting]) {
                $planting === null || $plantings[$planting] = true;
            }
        }

        return array_map(strval(...), array_keys($plantings));
    }

    /** @return list<array{Descent, ?string, string, string}> what it came of: the link, the planting it leads over, the kind of entry that it began with, and what was said of where that was from */
    public function links(string $lot): array
    {
        $links = [];
        foreach ($this->pedigree->links($lot) as $n => $link) {
            $told = $this->generations->told[$lot][$n];
            // A part of a lot has the planting of the whole, and was not grown out once more for that.
            $links[] = [$link, $link->role === Role::Part ? null : $told['planting'], $told['kind'], $told['told']];
        }

        return $links;
    }

    /**
     * @param  list<string>  $lots
     * @return list<string> ids of all that came of them, they not among them, by number
     */
    private static function descendants(array $lots): array
    {
        $rows = DB::select(
            'WITH RECURSIVE grown(id) AS (
                SELECT value FROM json_each(?)
                UNION
                SELECT o.lot_id FROM grown CROSS JOIN lot_parents o ON o.came = grown.id
             ) SELECT grown.id FROM grown CROSS JOIN lots l ON l.id = grown.id ORDER BY l.number',
            [json_encode($lots, JSON_THROW_ON_ERROR)],
        );

        return array_values(array_diff(Bulk::ids(collect($rows)->pluck('id')), $lots));
    }
}
