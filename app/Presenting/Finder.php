<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\FoundDocument;
use App\Models\Code;
use App\Models\LotStanding;
use App\Models\PlantingStanding;
use App\Words\Stages;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** Finds lots and plantings by anything: code, variety, Latin or common name, place, note, year. */
final readonly class Finder
{
    private const MOST = 20;

    public function __construct(private Tags $tags) {}

    /** @return list<FoundDocument> */
    public function find(string $text): array
    {
        if (trim($text) === '') {
            return [];
        }
        $lots = LotStanding::query()->with(['lot.variety', 'lot.standing'])
            ->join('lots', 'lots.id', '=', 'lot_standings.lot_id')->select('lot_standings.*');
        $number = Code::number($text, 'L');
        // A code finds its lot before everything that merely holds the same figures.
        $lots->orderByRaw('lots.number = ? DESC', [$number ?? 0])->orderBy('used_up')->orderByDesc('lots.number');
        $plantings = PlantingStanding::query()->with(['planting.variety', 'planting.standing']);
        self::match($lots, $text);
        self::match($plantings, $text);

        return array_values([
            ...$lots->limit(self::MOST)->get()->map(fn (LotStanding $row): FoundDocument => new FoundDocument(
                $this->tags->lot($row->lot),
                Stages::of($row->place, $row->stage, $row->used_up === 1).($row->place === 'store' && $row->store_place !== null ? ', '.$row->store_place : ''),
            ))->all(),
            ...$plantings->limit(self::MOST)->get()->map(fn (PlantingStanding $row): FoundDocument => new FoundDocument(
                $this->tags->planting($row->planting),
                $row->lots > 0 ? 'planting, picked' : 'on the plot',
            ))->all(),
        ]);
    }

    /** @return list<string> patterns, all of which must match */
    private static function words(string $text): array
    {
        $words = preg_split('/\s+/', mb_strtolower(trim($text)), -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_map(static fn (string $word): string => '%'.addcslashes($word, '%_\\').'%', array_slice($words, 0, 8));
    }

    /**
     * Narrows a query over standings to those that hold every word.
     *
     * @param  Builder<covariant Model>  $query
     */
    public static function match(Builder $query, string $text): void
    {
        foreach (self::words($text) as $word) {
            $query->whereRaw("search LIKE ? ESCAPE '\\'", [$word]);
        }
    }
}
