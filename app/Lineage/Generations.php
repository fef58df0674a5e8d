<?php

declare(strict_types=1);

namespace App\Lineage;

use App\Models\Bulk;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Population\Descent;
use Marrow\Core\Population\Pedigree;
use Marrow\Core\Population\Role;

/**
 * The graph of parents behind lots, and the generations that are counted in it. What was typed as a variety's generation counts
 * as told of a lot where it can only be of that one, the only seed of it that came from elsewhere; else it stays as it was written.
 */
final class Generations
{
    /** Letters of a mark that stand in the code of a selection. */
    private const MARK = 8;

    /** @var array<string, list<Descent>> by lot */
    public array $links = [];

    /** @var array<string, list<array{kind: string, planting: ?string, told: string}>> of each of those links: the entry that it began with, the planting it leads over, and what was said of where that came from */
    public array $told = [];

    /** @var array<string, list<string>> marks of the plants that each was picked off, where it was kept by mothers */
    private array $mothers = [];

    /** @var array<string, int> generation after a cross that is known of a lot that came from elsewhere, the F1 being 1 */
    private array $begun = [];

    /** @var array<string, string> what was typed of its variety, of lots that came from elsewhere and are not the only ones */
    private array $written = [];

    /** @var array<string, true> */
    private array $mixing = [];

    /** @var array<string, true> lots that were called stable */
    private array $stable = [];

    public readonly Pedigree $pedigree;

    /** @param  list<string>  $lots  ids */
    private function __construct(array $lots)
    {
        $rows = DB::select(
            "WITH RECURSIVE back(id) AS (
                SELECT value FROM json_each(?)
                UNION
                SELECT p.came FROM back CROSS JOIN lot_parents p ON p.lot_id = back.id WHERE p.came IS NOT NULL
             )
             SELECT back.id, v.type, v.generation, s.told_generation AS told, coalesce(s.released, 0) AS released, p.role, p.kind, p.came, p.planting_id, p.from_lot_id, p.told AS words, p.plants, p.share, s.mothers,
                 CASE WHEN v.generation != '' AND p.came IS NULL THEN (
                     SELECT count(*) FROM lots o WHERE o.variety_id = v.id AND NOT EXISTS (SELECT 1 FROM lot_parents q WHERE q.lot_id = o.id AND q.came IS NOT NULL)
                 ) ELSE 0 END AS roots
             FROM back CROSS JOIN lots l ON l.id = back.id CROSS JOIN varieties v ON v.id = l.variety_id
             LEFT JOIN lot_standings s ON s.lot_id = back.id LEFT JOIN lot_parents p ON p.lot_id = back.id",
            [json_encode($lots, JSON_THROW_ON_ERROR)],
        );
        $stable = [];
        foreach ($rows as $row) {
            /** @var object{id: string, type: string, generation: string, told: ?int, released: int, role: ?string, came: ?string, kind: ?string, planting_id: ?string, from_lot_id: ?string, words: ?string, plants: ?int, share: ?float, mothers: ?string, roots: int} $row */
            $role = Role::tryFrom($row->role ?? '') ?? Role::Mother;
            if ($row->planting_id !== null || $row->from_lot_id !== null || $role !== Role::Mother) {
                $this->links[$row->id][] = new Descent($row->came, $role, $row->plants, $row->share, $role === Role::Part ? null : $row->planting_id.($row->mothers ?? '[]'));
                $this->mothers[$row->id] = Lines::marks($row->mothers);
                $this->told[$row->id][] = ['kind' => $row->kind ?? '', 'planting' => $row->planting_id, 'told' => $row->words ?? ''];
            }
            // Where what was sown is no lot here, the first that was picked of it is as far back as is known.
            if ($row->came === null && $role === Role::Mother) {
                $this->begins($row->id, $row->told ?? self::ofType(VarietyType::from($row->type), $row->planting_id !== null), $row->generation, $row->roots);
            }
            if ($row->released === 1) {
                $stable[$row->id] = true;
            }
            if ($row->type === VarietyType::Landrace->value) {
                $this->mixing[$row->id] = true;
            }
        }
        $this->stable = $stable;
        $this->pedigree = new Pedigree($this->links, $this->begun, $stable);
    }

    /** What the seed of a hybrid is: bought it is the F1, and what is picked off that is the F2, whatever it is called. */
    private static function ofType(VarietyType $type, bool $isPicked): ?int
    {
        return $type === VarietyType::Hybrid ? ($isPicked ? 2 : 1) : null;
    }

    /** @param  int  $alike  lots of its variety of which as little is known */
    private function begins(string $lot, ?int $known, string $typed, int $alike): void
    {
        if ($known !== null) {
            $this->begun[$lot] = $known;
        } elseif ($alike === 1 && preg_match('/^\s*F\s*(\d{1,2})\s*$/iu', $typed, $of) === 1) {
            $this->begun[$lot] = (int) $of[1];
        } elseif ($typed !== '') {
            $this->written[$lot] = $typed;
        }
    }

    /** @param  list<string>  $lots  ids */
    public static function of(array $lots): self
    {
        return new self($lots);
    }

    /** @param  list<string>  $lots  ids, whose generations are to stand in lists and on tags */
    public static function keep(array $lots): void
    {
        $lots = $lots === [] ? [] : self::withOthersWritten($lots);
        $generations = $lots === [] ? null : new self($lots);
        foreach ($lots as $lot) {
            [$filial, $own] = [$generations?->label($lot) ?? '', $generations?->pedigree->generation($lot) ?? 0];
            DB::update('UPDATE lot_standings SET generation = ?, own_generation = ? WHERE lot_id = ? AND (generation != ? OR own_generation != ?)', [$filial, $own, $lot, $filial, $own]);
        }
    }

    /** @param  list<string>  $plantings  ids; what grows there is of the generation of the seed */
    public static function keepOfPlantings(array $plantings): void
    {
        foreach (array_chunk($plantings, 500) as $some) {
            DB::update(
                "UPDATE planting_standings SET generation = coalesce(
                    (SELECT l.generation FROM lot_standings l WHERE l.lot_id = planting_standings.sown_lot),
                    (SELECT v.generation FROM plantings p JOIN varieties v ON v.id = p.variety_id WHERE p.id = planting_standings.planting_id AND planting_standings.sown_lot IS NULL), '')
                 WHERE planting_id IN (".Bulk::marks($some).')',
                $some,
            );
        }
    }

    /**
     * Where a second lot of a variety comes from elsewhere, nobody knows any more which of them was meant by what is typed of it.
     *
     * @param  list<string>  $lots
     * @return list<string>
     */
    private static function withOthersWritten(array $lots): array
    {
        $rows = DB::select(
            "WITH RECURSIVE others(id) AS (
                SELECT o.id FROM json_each(?) j CROSS JOIN lots l ON l.id = j.value CROSS JOIN varieties v ON v.id = l.variety_id AND v.generation != '' CROSS JOIN lots o ON o.variety_id = v.id
                UNION
                SELECT p.lot_id FROM others CROSS JOIN lot_parents p ON p.came = others.id
             ) SELECT id FROM others",
            [json_encode($lots, JSON_THROW_ON_ERROR)],
        );

        return array_values(array_unique([...$lots, ...Bulk::ids(collect($rows)->pluck('id'))]));
    }

    /** "F3", or what was written of it; empty where it is of no cross. */
    public function filial(string $lot): string
    {
        $filial = $this->number($lot);

        return $filial === null ? $this->written[$lot] ?? '' : "F$filial";
    }

    /**
     * What it was chosen by since the cross split: at each picking the mark of the one plant it is off, or b where it is of several
     * in bulk; it grows with each choice. Empty where nothing was chosen.
     */
    public function selection(string $lot): string
    {
        $code = [];
        foreach ($this->pedigree->motherLine($lot) as $one) {
            $filial = $this->number($one);
            // Plants of the F1 are all alike: of which of them the F2 is tells nothing.
            if ($filial === null || $filial < 3) {
                break;
            }
            $link = $this->pedigree->links($one)[0] ?? null;
            if ($link !== null && $link->isGrown()) {
                $code[] = count($this->mothers[$one] ?? []) === 1 ? mb_substr(trim($this->mothers[$one][0]), 0, self::MARK) : 'b';
            }
        }

        return array_filter($code, static fn (string $part): bool => $part !== 'b') === [] ? '' : implode('-', array_reverse($code));
    }

    /** Its generation as it stands on its tag: with what it was chosen by. */
    public function label(string $lot): string
    {
        return trim($this->filial($lot).' '.$this->selection($lot));
    }

    /** Whether it was called stable and named as a variety. */
    public function isReleased(string $lot): bool
    {
        return isset($this->stable[$lot]);
    }

    /** Its generation after a cross, the F1 being 1; null of what is of none, or is mixed on purpose. */
    public function number(string $lot): ?int
    {
        return isset($this->mixing[$lot]) ? null : $this->pedigree->filial($lot);
    }
}
