<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Documents\SwapLineDocument;
use App\Documents\SwapListDocument;
use App\Models\Garden;
use App\Models\Lot;
use App\Presenting\Tags;
use App\Reading\Facts;
use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Voice\When;
use App\Words\ForecastWords;
use App\Words\SharingWords;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\LineWord;
use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Lot\Sharing;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Steps\Testing\Told;

/** Which lots of the store may be swapped or given away, and why the others are kept back. */
final readonly class SwapList
{
    /** A longer list is no list to swap by. */
    private const MOST = 500;

    public function __construct(private Facts $facts, private Tags $tags) {}

    public function of(When $when): SwapListDocument
    {
        $offered = $kept = [];
        $lots = Lot::query()->with(['variety', 'standing', 'planting.variety'])
            ->whereIn('id', DB::table('lot_standings')->where('place', 'store')->where('used_up', 0)->select('lot_id'))
            ->join('lot_standings', 'lot_standings.lot_id', '=', 'lots.id')->select('lots.*')
            ->orderBy('lot_standings.variety')->orderBy('lots.number')->limit(self::MOST)->get();
        $lots = $lots->sortBy(fn (Lot $lot): string => $this->facts->crop($lot->variety)->name, SORT_NATURAL | SORT_FLAG_CASE);
        $this->facts->each($lots, function (Lot $lot, LotCourse $course) use ($when, &$offered, &$kept): void {
            $sharing = Sharing::of($course, $lot->variety->type === VarietyType::Hybrid, $when->now);
            if ($sharing->isOffered()) {
                $offered[] = $this->line($lot, $course, SharingWords::goesWith($sharing, $course, LineWord::tryFrom($lot->standing->line ?? '') ?? LineWord::NotKnown), $when);
            } else {
                $kept[] = $this->line($lot, $course, SharingWords::why($sharing, $course), $when);
            }
        });

        return new SwapListDocument((string) Garden::query()->value('name'), Speaking::forms()->day($when->now), SharingWords::RULES, $offered, $kept);
    }

    private function line(Lot $lot, LotCourse $course, string $said, When $when): SwapLineDocument
    {
        $spare = $course->packets->spareSeeds();
        $test = $course->testing->lastEnded();
        $share = $test?->share();
        $forecast = $course->forecast();
        $words = new ForecastWords($course, $when);

        return new SwapLineDocument(
            $this->tags->lot($lot),
            $spare === null ? '' : Quantity::seedsOf($spare, $course->stock->stock->isCounted(), $course->facts->crop->counts()->value),
            self::tested($test, $when),
            $forecast === null ? '' : ForecastWords::inShort($words->isTestedPoor(), $forecast->reachesEarliest($course->facts->crop->test->minimum), $when).($share === null ? ', if it was sound' : ''),
            $said,
        );
    }

    private static function tested(?TestCourse $test, When $when): string
    {
        $share = $test?->share();
        if ($test === null || $share === null) {
            return '';
        }

        return $test->told === Told::ByGiver
            ? sprintf('%s as told, %s', Quantity::percent($share->rate()), $when::month($test->startedAt))
            : sprintf('%s of %d, %s', Quantity::percent($share->rate()), $test->sown(), $when::month($test->startedAt));
    }
}
