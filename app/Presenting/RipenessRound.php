<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\OfferDocument;
use App\Documents\RipenessDocument;
use App\Documents\RipeOneDocument;
use App\Documents\RoundDocument;
use App\Documents\RoundLineDocument;
use App\Instruments\Forecasts;
use App\Models\DueTask;
use App\Models\Planting;
use App\Moment;
use App\Reading\Facts;
use App\Reading\Tagged;
use App\Voice\When;
use App\Words\HarvestWords;
use Illuminate\Support\Collection;
use Marrow\Core\Instruments\ForecastDay;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Steps\Growing\GrowingTask;
use Marrow\Core\Steps\Ripening\Look;
use Marrow\Core\Steps\Ripening\RipenessSeen;
use Marrow\Core\Steps\Ripening\RipeningTask;
use Marrow\Core\Work\Offer;

/** A round for ripe seed: what is ready, what nearly, what not yet, planting by planting and mark by mark. */
final readonly class RipenessRound
{
    private const MOST = 60;

    /** Days before its seed is ordinarily ripe from which a planting stands on the round. */
    private const AHEAD = 7;

    public function __construct(private Facts $facts, private Tags $tags) {}

    public function of(When $when): RoundDocument
    {
        $until = $when->now->modify(sprintf('+%d days', self::AHEAD));
        $ids = DueTask::standing($until)->where('subject', Subject::Planting->value)
            ->whereIn('kind', [GrowingTask::Pick->value, RipeningTask::LookAgain->value, RipeningTask::PickReady->value])
            ->where('opens_at', '<=', Moment::keep($until))->orderBy('best_at')->limit(self::MOST)->pluck('subject_id');
        $plantings = Tagged::plantings(array_values(array_filter($ids->unique()->all(), is_string(...))));
        usort($plantings, static fn (Planting $a, Planting $b): int => strnatcasecmp($a->spot, $b->spot) ?: $a->number <=> $b->number);
        $courses = $this->facts->plantings(new Collection($plantings));

        return new RoundDocument('ripeness', 'Ripe or not', self::sky($when), 'Nothing is near to being ripe.', array_map(fn (Planting $planting): RoundLineDocument => $this->line($planting, $courses[$planting->id], $when), $plantings));
    }

    private function line(Planting $planting, PlantingCourse $course, When $when): RoundLineDocument
    {
        $crop = $course->facts->crop;
        $ripening = $crop->ripening;

        return new RoundLineDocument(
            $planting->id,
            $this->tags->planting($planting),
            $course->tending->outIn === '' ? $planting->spot : $course->tending->outIn,
            array_values(array_filter([
                HarvestWords::of($course, $when) ?? '',
                "Too early: {$ripening->tooEarly}. Too late: {$ripening->tooLate}.",
                $crop->isWetCleaned() ? '' : 'No water on it from now on: what is ripe moulds and sprouts when it is wet.',
            ])),
            OfferDocument::of(Offer::of(RipenessSeen::class, 1), $crop->cautions),
            new RipenessDocument($ripening->cues(), [
                self::one('', 'All of it', $course->ripening->looks[''] ?? null, $when),
                ...array_values(array_map(
                    static fn (array $mark): RipeOneDocument => self::one($mark['marked']->mark, ucfirst("{$mark['marked']->what->label()} {$mark['marked']->mark}"), $course->ripening->looks[mb_strtolower($mark['marked']->mark)] ?? null, $when),
                    $course->marks->marks,
                )),
            ]),
        );
    }

    private static function one(string $mark, string $name, ?Look $look, When $when): RipeOneDocument
    {
        $cues = $look === null || $look->seen->cues === '' ? [] : array_map(trim(...), explode(';', $look->seen->cues));

        return new RipeOneDocument($mark, $name, $look?->seen->ready->value, array_values($cues), $look === null ? '' : sprintf('%s: %s', ucfirst($when->day($look->at)), $look->seen->ready->label()));
    }

    private static function sky(When $when): string
    {
        $rain = array_find(Forecasts::ahead($when->now, 3), static fn (ForecastDay $day): bool => $day->isRainLikely());

        return $rain === null ? '' : sprintf('rain is likely %s', $when->day(Moment::read("$rain->day 12:00")));
    }
}
