<?php

declare(strict_types=1);

namespace App\Tagging;

use App\Documents\PaperTagDocument;
use App\Models\Code;
use App\Models\Lot;
use App\Models\Planting;
use App\Reading\Facts;
use App\Voice\When;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Lot\LotCourse;

/** Which tags are printed: of lots and plantings that were chosen, of all that lies in a place, of certain sorts. */
final readonly class WhichTags
{
    /** More lots than so many are printed in several goes. */
    public const MOST = 400;

    public function __construct(private PaperTags $tags, private Facts $facts) {}

    /**
     * @param  list<string>  $codes  of lots and plantings
     * @param  string  $place  bench, racks, trays, store or plot: all that is there; empty for those of the codes alone
     * @param  list<string>  $sorts  empty for all of them
     * @return list<PaperTagDocument>
     */
    public function of(array $codes, string $place, array $sorts, When $when): array
    {
        $tags = array_merge([], ...$this->facts->each($this->lots($codes, $place), fn (Lot $lot, LotCourse $course): array => $this->tags->ofLot($lot, $course, $when)));
        foreach ($this->plantings($codes, $place) as $planting) {
            $tags[] = $this->tags->ofPlanting($planting);
        }

        return array_values(array_filter($tags, static fn (PaperTagDocument $tag): bool => $sorts === [] || in_array($tag->sort, $sorts, true)));
    }

    /**
     * @param  list<string>  $codes
     * @return Collection<int, Lot>
     */
    private function lots(array $codes, string $place): Collection
    {
        $numbers = array_values(array_filter(array_map(static fn (string $code): ?int => preg_match('/^\s*l/i', $code) === 1 ? Code::number($code, 'L') : null, $codes)));

        return Lot::query()->with(['variety', 'standing', 'planting.variety'])
            ->where(static function ($query) use ($numbers, $place): void {
                $query->whereIn('number', $numbers);
                if ($place === 'trays') {
                    $query->orWhereIn('id', DB::table('test_standings')->whereNull('ended_at')->select('lot_id'));
                } elseif ($place !== '' && $place !== 'plot') {
                    $query->orWhereIn('id', DB::table('lot_standings')->where('place', $place)->where('used_up', 0)->select('lot_id'));
                }
            })
            ->orderBy('number')->limit(self::MOST)->get();
    }

    /**
     * @param  list<string>  $codes
     * @return iterable<Planting>
     */
    private function plantings(array $codes, string $place): iterable
    {
        $numbers = array_values(array_filter(array_map(static fn (string $code): ?int => preg_match('/^\s*p/i', $code) === 1 ? Code::number($code, 'P') : null, $codes)));

        return Planting::query()->with(['variety', 'standing'])
            ->where(static function ($query) use ($numbers, $place): void {
                $query->whereIn('number', $numbers);
                if ($place === 'plot') {
                    $query->orWhereIn('id', DB::table('planting_standings')->where('lots', 0)->select('planting_id'));
                }
            })
            ->orderBy('number')->limit(self::MOST)->get();
    }
}
