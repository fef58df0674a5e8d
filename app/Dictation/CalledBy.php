<?php

declare(strict_types=1);

namespace App\Dictation;

use App\Models\Bulk;
use App\Models\Code;
use App\Models\Variety;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Dictation\Clause;
use Marrow\Core\Journal\Subject;

/** Finds what a line calls by the name of its variety instead of by its code. */
final readonly class CalledBy
{
    /** Words in a name, and lots and plantings of one that are named. */
    private const WORDS = 4;

    private const MOST = 12;

    /** The longest name of a variety that stands in the line; null where none does. */
    public function of(Clause $clause): ?Called
    {
        $runs = self::runs($clause);
        if ($runs === []) {
            return null;
        }
        $varieties = Variety::query()->whereIn('name', array_map(strval(...), array_keys($runs)))->get()->sortByDesc(static fn (Variety $variety): int => mb_strlen($variety->name));
        $first = $varieties->first();
        if ($first === null) {
            return null;
        }
        $ids = Bulk::ids($varieties->where('name', $first->name)->pluck('id'));
        $at = array_values(array_filter($runs, static fn (int|string $run): bool => mb_strtolower((string) $run) === mb_strtolower($first->name), ARRAY_FILTER_USE_KEY))[0] ?? [];
        $lots = DB::table('lots')->join('lot_standings', 'lot_standings.lot_id', '=', 'lots.id')->whereIn('lots.variety_id', $ids)->where('lot_standings.used_up', 0)->orderBy('lots.number')->limit(self::MOST)->pluck('lots.number');
        $plantings = DB::table('plantings')->join('planting_standings', 'planting_standings.planting_id', '=', 'plantings.id')->whereIn('plantings.variety_id', $ids)->where('planting_standings.lots', 0)->orderBy('plantings.number')->limit(self::MOST)->pluck('plantings.number');
        $codes = [...$lots->map(static fn (mixed $number): string => Code::of(Subject::Lot, $number))->all(), ...$plantings->map(static fn (mixed $number): string => Code::of(Subject::Planting, $number))->all()];

        return new Called($first->name, array_values($codes), $at, array_values($varieties->where('name', $first->name)->all()));
    }

    /** @return list<string> which varieties may be meant where none is called so, letter by letter */
    public function slips(Clause $clause): array
    {
        $known = DB::table('varieties')->distinct()->pluck('name')->all();

        return array_merge(...array_map(static fn (int|string $run): array => Slips::of((string) $run, array_values(array_filter($known, is_string(...)))), array_keys(self::runs($clause))));
    }

    /** @return array<array-key, list<int>> words one after another that may be a name, with where they stand */
    private static function runs(Clause $clause): array
    {
        $runs = [];
        foreach (array_keys($clause->tokens) as $from) {
            for ($at = []; count($at) < self::WORDS && ($clause->tokens[$from + count($at)] ?? null)?->isWord() === true;) {
                $at[] = $from + count($at);
                $runs[implode(' ', array_map(static fn (int $i): string => $clause->tokens[$i]->text, $at))] ??= $at;
            }
        }

        return $runs;
    }
}
