<?php

declare(strict_types=1);

namespace App\Lineage;

use App\Handbook\OwnFigures;
use App\Models\Bulk;
use App\Moment;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\LineWord;
use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Selection\LineRecord;
use Marrow\Core\Selection\LineStanding;
use Marrow\Core\Steps\Origin\PouredTogether;
use Marrow\Core\Steps\Pollinating\PollinatingStrand;

/**
 * How true each lot is, by what is on record: of what it was sown from, how it was kept apart, what was pulled, what was
 * grown out of it. A lot rests on the lot before it, and that on the one before.
 */
final class Lines
{
    /** So long a descent is followed; what lies before it is not known. */
    private const GENERATIONS = 60;

    /** @var array<string, LineStanding> by id of the lot */
    private array $found = [];

    /** @var array<string, list<string>> crops of the garden of the same species, by crop */
    private array $species = [];

    public function __construct(private readonly Crossings $crossings, private readonly CropReference $crops, private readonly OwnFigures $own) {}

    public function forget(): void
    {
        $this->found = $this->species = [];
    }

    public function of(string $lot): LineStanding
    {
        return $this->found[$lot] ??= $this->reckon($lot, self::GENERATIONS);
    }

    /** Of the plants of a planting: of the seed that it was sown from, else of what its variety was made to be. */
    public function ofPlanting(string $planting): LineWord
    {
        $row = DB::selectOne('SELECT s.sown_lot, s.off_types AS off, s.looked_over AS seen, v.type FROM plantings p JOIN varieties v ON v.id = p.variety_id LEFT JOIN planting_standings s ON s.planting_id = p.id WHERE p.id = ?', [$planting]);
        /** @var ?object{sown_lot: ?string, off: ?int, seen: ?int, type: string} $row */
        if ($row === null) {
            return LineWord::NotKnown;
        }

        return $row->sown_lot !== null
            ? $this->of($row->sown_lot)->word
            : LineStanding::of(new LineRecord(VarietyType::from($row->type)->line(), 1.0, elsewhere: true, off: $row->off ?? 0, seen: $row->seen ?? 0))->word;
    }

    /** @param  list<string>  $lots  ids, whose words are to stand in lists */
    public function keep(array $lots): void
    {
        foreach ($lots as $lot) {
            DB::update('UPDATE lot_standings SET line = ? WHERE lot_id = ? AND line != ?', [$word = $this->of($lot)->word->value, $lot, $word]);
        }
    }

    /** @param  list<string>  $plantings  ids */
    public function keepOfPlantings(array $plantings): void
    {
        foreach ($plantings as $planting) {
            DB::update('UPDATE planting_standings SET line = ? WHERE planting_id = ? AND line != ?', [$word = $this->ofPlanting($planting)->value, $planting, $word]);
        }
    }

    /**
     * Lots whose word may change when something of these changes: they, what they were sown as, and all that descends from either.
     *
     * @param  list<string>  $lots  ids
     * @param  list<string>  $plantings  ids
     * @return list<string> ids of lots
     */
    public function touched(array $lots, array $plantings): array
    {
        $plantings = [...$plantings, ...$this->bloomingWith($plantings)];
        $sown = DB::table('planting_standings')->whereIn('planting_id', $plantings)->whereNotNull('sown_lot')->pluck('sown_lot')->all();
        $picked = DB::table('lot_parents')->whereIn('planting_id', $plantings)->pluck('lot_id')->all();
        $all = [];
        foreach (array_unique([...$lots, ...$sown, ...$picked]) as $lot) {
            foreach (is_string($lot) && ! isset($all[$lot]) ? $this->crossings->withDescendants($lot) : [] as $one) {
                $all[$one] = true;
            }
        }

        return array_map(strval(...), array_keys($all));
    }

    /**
     * When a planting blooms bears on what others of its species were crossed with, then and as it was thought before.
     *
     * @param  list<string>  $plantings  ids
     * @return list<string> ids of those others, of its seasons
     */
    private function bloomingWith(array $plantings): array
    {
        $others = [];
        foreach ($plantings as $planting) {
            $crop = DB::table('plantings')->join('varieties', 'varieties.id', '=', 'plantings.variety_id')->where('plantings.id', $planting)->value('crop');
            $crops = is_string($crop) ? $this->crossing($crop) : [];
            array_push($others, ...array_column(DB::select(
                'SELECT p.id FROM planting_standings s
                 CROSS JOIN varieties v ON v.crop IN ('.Bulk::marks($crops).')
                 CROSS JOIN plantings p ON p.variety_id = v.id AND p.id != s.planting_id
                 CROSS JOIN planting_standings o ON o.planting_id = p.id AND o.season BETWEEN s.season - 1 AND s.season + 1
                 WHERE s.planting_id = ?',
                [...$crops, $planting],
            ), 'id'));
        }

        return array_values(array_unique(array_filter($others, is_string(...))));
    }

    /**
     * @param  list<string>  $lots  ids
     * @return list<string> ids of the plantings sown from them
     */
    public function sownFrom(array $lots): array
    {
        return array_values(array_filter(DB::table('planting_standings')->whereIn('sown_lot', $lots)->pluck('planting_id')->all(), is_string(...)));
    }

    /** @return list<string> */
    public static function marks(?string $kept): array
    {
        $marks = json_decode($kept ?? '[]', true);

        return is_array($marks) ? array_values(array_filter($marks, is_string(...))) : [];
    }

    /** What a lot was made to be: of a cross or a hybrid its generation says it, whatever its variety is called. */
    private static function made(VarietyType $type, string $generation): ?LineWord
    {
        return match (true) {
            $type === VarietyType::Landrace => LineWord::Mixing,
            // What was crossed on purpose and goes by its mother's name is crossed, as a lot of that.
            preg_match('/^F1\b/', $generation) === 1 => $type->line() === null ? null : LineWord::Hybrid,
            preg_match('/^F\d+\b/', $generation) === 1 => LineWord::NotFixed,
            default => $type->line(),
        };
    }

    private function reckon(string $lot, int $generations): LineStanding
    {
        $row = DB::selectOne(
            'SELECT v.id AS variety, v.crop, v.type, o.planting_id, ls.generation, coalesce(ls.released, 0) AS released, coalesce(ls.tied, 0) AS tied, ls.mothers, s.sown_lot, s.off_types, s.looked_over, s.taken_out, s.crossed, s.crossed_mothers,
                 (SELECT sum(out.off_types) FROM planting_standings out WHERE out.sown_lot = l.id) AS off,
                 (SELECT sum(out.strays) FROM planting_standings out WHERE out.sown_lot = l.id) AS strays,
                 (SELECT sum(out.looked_over) FROM planting_standings out WHERE out.sown_lot = l.id) AS seen,
                 (SELECT count(*) FROM lot_parents mixed JOIN lots part ON part.id = mixed.from_lot_id WHERE mixed.lot_id = l.id AND mixed.kind = ? AND part.variety_id != l.variety_id) AS strange,
                 (SELECT group_concat(mixed.from_lot_id) FROM lot_parents mixed WHERE mixed.lot_id = l.id AND mixed.kind = ? AND mixed.from_lot_id IS NOT NULL) AS mixed
             FROM lots l JOIN varieties v ON v.id = l.variety_id
             LEFT JOIN lot_standings ls ON ls.lot_id = l.id
             LEFT JOIN lot_parents o ON o.lot_id = l.id AND o.role != \'father\'
             LEFT JOIN planting_standings s ON s.planting_id = o.planting_id
             WHERE l.id = ?',
            [Kind::declared(PouredTogether::class)->name, Kind::declared(PouredTogether::class)->name, $lot],
        );
        /** @var ?object{variety: string, crop: string, type: string, planting_id: ?string, generation: ?string, released: int, tied: int, sown_lot: ?string, off_types: ?int, looked_over: ?int, taken_out: ?float, crossed: ?float, mothers: ?string, crossed_mothers: ?string, off: ?int, strays: ?int, seen: ?int, mixed: ?string, strange: int} $row */
        if ($row === null) {
            return LineStanding::of(new LineRecord(null, 1.0, elsewhere: true));
        }
        $mixed = $row->mixed === null ? [] : explode(',', $row->mixed);
        $further = fn (?string $of): ?LineStanding => $of === null || $generations === 0 ? null : $this->found[$of] ??= $this->reckon($of, $generations - 1);

        return LineStanding::of(new LineRecord(
            // Poured together of two varieties it is of no one kind, whatever it is called.
            $row->strange > 0 ? LineWord::Mixing : self::made(VarietyType::from($row->type), $row->generation ?? ''),
            $this->own->ofVariety($this->crops, $row->crop, $row->variety)->adjacentShare,
            $this->crossings->of($lot) !== null,
            $row->planting_id === null && $mixed === [],
            array_values(array_filter(array_map($further, $mixed))),
            // What was called stable is judged by its plants: that those before it differed is why it was chosen.
            $row->released === 1 ? null : $further($row->sown_lot),
            $row->off_types ?? 0,
            $row->looked_over ?? 0,
            $row->taken_out ?? 0.0,
            $row->crossed,
            $row->tied === 1,
            $row->tied === 1 && PollinatingStrand::isCross(self::marks($row->mothers), self::marks($row->crossed_mothers)),
            $row->off ?? 0,
            $row->seen ?? 0,
            ...$this->beside($row->planting_id, $row->variety, $row->crop, $row->crossed),
            ...['strays' => $row->strays ?? 0, ...$this->sister($lot)],
        ));
    }

    /**
     * The keeper's own plantings of other varieties that bloomed meanwhile and cross with it; they count where nobody looked round.
     *
     * @return array{?float, string} share of its seed, were they right beside it, and which they are
     */
    private function beside(?string $planting, string $variety, string $crop, ?float $crossed): array
    {
        if ($planting === null || $crossed !== null) {
            return [null, ''];
        }
        $crops = $this->crossing($crop);
        $rows = DB::select(
            'SELECT p.number, v.name, max(s.bloom_from, o.bloom_from) AS first, min(s.bloom_to, o.bloom_to) AS last, s.bloom_from AS own_first, s.bloom_to AS own_last
             FROM planting_standings s
             CROSS JOIN varieties v ON v.crop IN ('.Bulk::marks($crops).') AND v.id != ?
             CROSS JOIN plantings p ON p.variety_id = v.id
             CROSS JOIN planting_standings o ON o.planting_id = p.id AND o.bloom_seen = 1 AND o.bloom_from <= s.bloom_to AND o.bloom_to >= s.bloom_from
             WHERE s.planting_id = ? ORDER BY p.number',
            [...$crops, $variety, $planting],
        );
        $share = 0.0;
        $names = [];
        foreach ($rows as $row) {
            /** @var object{number: int, name: string, first: string, last: string, own_first: string, own_last: string} $row */
            $days = static fn (string $from, string $to): int => 1 + (int) Moment::read($from)->setTime(0, 0)->diff(Moment::read($to)->setTime(0, 0))->format('%a');
            $share = max($share, min(1.0, $days($row->first, $row->last) / $days($row->own_first, $row->own_last)));
            $names[] = "P$row->number $row->name";
        }

        return $names === [] ? [null, ''] : [$share * $this->own->ofVariety($this->crops, $crop, $variety)->adjacentShare, implode(', ', array_slice($names, 0, 4)).(count($names) > 4 ? sprintf(' and %d more', count($names) - 4) : '')];
    }

    /** @return array{sister?: string, sisterOff?: int, sisterSeen?: int} */
    private function sister(string $lot): array
    {
        $crossing = $this->crossings->sisterOf($lot);

        return $crossing === null ? [] : ['sister' => $crossing->lot, 'sisterOff' => $crossing->off, 'sisterSeen' => $crossing->seen];
    }

    /** @return list<string> keys of the crops of the same species, it among them */
    private function crossing(string $crop): array
    {
        return $this->species[$crop] ??= (function () use ($crop): array {
            $of = static fn (string $latin): string => implode(' ', array_slice(explode(' ', $latin), 0, 2));
            $species = $this->crops->has($crop) ? $of($this->crops->title($crop)->latin) : '';
            $crops = DB::table('varieties')->distinct()->pluck('crop')->all();

            return array_values(array_filter($crops, fn (mixed $other): bool => is_string($other) && $this->crops->has($other) && $of($this->crops->title($other)->latin) === $species));
        })();
    }
}
