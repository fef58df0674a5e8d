<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Http\Documents\DryingDocument;
use App\Http\Documents\FermentDocument;
use App\Http\Documents\ForecastDocument;
use App\Http\Documents\ForecastPointDocument;
use App\Http\Documents\HarvestDocument;
use App\Http\Documents\LotDocument;
use App\Http\Documents\OfferDocument;
use App\Http\Documents\StoreDocument;
use App\Http\Documents\WeighingDocument;
use App\Journal\EntryStore;
use App\Journal\Subject;
use App\Lineage\Crossings;
use App\Models\DueTask;
use App\Models\JournalEntry;
use App\Models\Lot;
use App\Moment;
use App\Projection\Projector;
use App\Words\CautionWords;
use App\Words\EntryWords;
use App\Words\LotWords;
use App\Words\Quantity;
use App\Words\When;
use DateTimeImmutable;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Course\Offers;
use Marrow\Core\Steps\Testing\TestCourse;
use Marrow\Core\Journal\EntryKind;
use Marrow\Core\Practice;
use Marrow\Core\Storage\Forecast;

/** The worksheet of a lot: its course, folded, in figures and words as seen from a day. */
final readonly class LotSheet
{
    private const FORECAST_POINTS = 36;

    public function __construct(
        private Projector $projector,
        private Practice $practice,
        private Tags $tags,
        private Tasks $tasks,
        private Crossings $crossings,
    ) {}

    public function of(Lot $lot, When $when): LotDocument
    {
        $rows = JournalEntry::query()->where('subject', Subject::Lot->value)->where('subject_id', $lot->id)->orderBy('seq')->get();
        $course = LotCourse::fold($this->projector->facts($lot), EntryStore::entries($rows), $this->practice);
        $words = new LotWords($course, $when);
        $crop = $course->facts->crop;
        $due = DueTask::query()->where('subject', Subject::Lot->value)->where('subject_id', $lot->id)->orderBy('best_at')->get();
        $forecast = $course->forecast();
        $sample = $course->store->stock->sample;

        return new LotDocument(
            $lot->id,
            $this->tags->lot($lot),
            $lot->planting->code(),
            $this->crossings->of($lot->id)?->sentence($lot->code()),
            $course->place()->value,
            $course->isUsedUp(),
            self::stage($course),
            CropSheet::of($crop),
            $this->tasks->documents($due, $when),
            self::offers(Offers::of($course), $crop),
            self::harvest($course),
            self::ferment($course, $when),
            self::drying($course, $words),
            array_map(
                static fn (TestCourse $test) => TestSheet::of($test, $course, $words, $when),
                array_reverse(array_values($course->tests)),
            ),
            $course->store->stock->tsmIsOfThisLot() ? $course->store->stock->tsm() : null,
            $sample?->cv,
            self::store($course, $words),
            $forecast === null ? null : $this->forecast($forecast, $crop, $words, $when),
            Entries::documents($rows, $course->adrift),
        );
    }

    /**
     * @param  list<EntryKind>  $kinds
     * @return list<OfferDocument>
     */
    public static function offers(array $kinds, Crop $crop): array
    {
        return array_map(
            static fn (EntryKind $kind): OfferDocument => new OfferDocument($kind->value, EntryWords::title($kind), CautionWords::at($crop, $kind)),
            $kinds,
        );
    }

    private static function stage(LotCourse $course): string
    {
        return Stages::of(
            $course->place()->value,
            $course->place()->value === 'bench' ? $course->cleaning->stage->value : $course->drying->verdict()->value,
            $course->isUsedUp(),
        );
    }

    private static function harvest(LotCourse $course): ?HarvestDocument
    {
        $first = $course->harvest->firstAt();
        $last = $course->harvest->lastAt();
        if ($first === null || $last === null) {
            return null;
        }

        return new HarvestDocument(
            Moment::say($first),
            Moment::say($last),
            $course->harvest->plants(),
            $course->harvest->fruits(),
            $course->harvest->mass(),
        );
    }

    private static function ferment(LotCourse $course, When $when): ?FermentDocument
    {
        $cleaning = $course->cleaning;
        $window = $cleaning->fermentWindow();
        if ($window === null || $cleaning->ferment === null || $cleaning->fermentedFrom === null) {
            return null;
        }
        $at = static fn (float $hours): DateTimeImmutable => $cleaning->fermentedFrom->modify(sprintf('+%d seconds', (int) round($hours * 3600)));
        $hours = $cleaning->fermentedHours();

        return new FermentDocument(
            Moment::say($cleaning->fermentedFrom),
            $cleaning->ferment->temperatureC,
            Moment::say($at($window->earliestHours)),
            Moment::say($at($window->typicalHours)),
            Moment::say($at($window->latestHours)),
            $cleaning->pouredOffAt === null ? null : Moment::say($cleaning->pouredOffAt),
            match (true) {
                $hours === null => sprintf(
                    'At %s the gel lets go after about %s, and by %s seed may sprout. A rule of thumb: the jar has the last word.',
                    Quantity::temperature($cleaning->ferment->temperatureC),
                    Quantity::hours($window->typicalHours),
                    Quantity::hours($window->latestHours),
                ),
                $cleaning->sproutedSeen || $hours > $window->latestHours => sprintf(
                    'Poured off after %s; at %s the limit is about %s. %s',
                    Quantity::hours($hours),
                    Quantity::temperature($cleaning->ferment->temperatureC),
                    Quantity::hours($window->latestHours),
                    $cleaning->sproutedSeen ? 'Sprouted seed was seen: expect a poorer test, and test early.' : 'Look for sprouted seed, and test early.',
                ),
                $hours < $window->earliestHours => sprintf('Poured off after %s, sooner than the %s in which the gel usually lets go: rinse well.', Quantity::hours($hours), Quantity::hours($window->typicalHours)),
                default => sprintf('Poured off after %s, %s, within its window.', Quantity::hours($hours), $when->day($cleaning->pouredOffAt ?? $cleaning->fermentedFrom)),
            },
        );
    }

    private static function drying(LotCourse $course, LotWords $words): ?DryingDocument
    {
        $drying = $course->drying;
        if ($drying->spreadAt === null && $drying->moisture() === null) {
            return null;
        }
        $from = $drying->spreadAt?->getTimestamp() ?? 0;

        return new DryingDocument(
            $drying->verdict()->value,
            $words->drying(),
            $words->moistureGround($drying),
            $drying->moisture(),
            $course->facts->crop->jarMoisture,
            $drying->targetMass(),
            array_map(static fn ($weighing): WeighingDocument => new WeighingDocument(
                Moment::say($weighing->at),
                ($weighing->at->getTimestamp() - $from) / 3600,
                $weighing->mass,
                $weighing->moisture,
            ), $drying->weighings()),
        );
    }

    private static function store(LotCourse $course, LotWords $words): ?StoreDocument
    {
        $store = $course->store;
        if ($store->now === null || $store->since === null) {
            return null;
        }

        return new StoreDocument(
            EntryWords::container($store->now->container),
            $store->now->container->isTight(),
            $store->now->place,
            $store->now->temperatureC,
            $store->now->rh,
            Moment::say($store->since),
            $words->stock(),
            $store->stock->seeds(),
            $store->stock->grams(),
            $store->moisture,
            $words->noForecast(),
        );
    }

    private function forecast(Forecast $forecast, Crop $crop, LotWords $words, When $when): ForecastDocument
    {
        $threshold = $crop->test->minimum;
        $limits = $forecast->limitsAt($when->now);

        return new ForecastDocument(
            $forecast->shareAt($when->now),
            $limits->low,
            $limits->high,
            $threshold,
            Moment::say($forecast->reaches($threshold)),
            LotWords::until($forecast->reaches($threshold), $when),
            $words->goodUntil($forecast),
            $words->goodUntilRange($forecast),
            $words->forecastGround($forecast),
            self::points($forecast, $threshold),
        );
    }

    /** @return list<ForecastPointDocument> from the start to well past the middle forecast, evenly spaced */
    private static function points(Forecast $forecast, float $threshold): array
    {
        $start = $forecast->startAt->getTimestamp();
        $good = $forecast->reaches($threshold)->getTimestamp() - $start;
        $span = min(60 * 365.25, max(2 * 365.25, 1.6 * $good / 86400));
        $points = [];
        for ($i = 0; $i <= self::FORECAST_POINTS; $i++) {
            $at = $forecast->startAt->modify(sprintf('+%d hours', (int) round($span * 24 * $i / self::FORECAST_POINTS)));
            $limits = $forecast->limitsAt($at);
            $points[] = new ForecastPointDocument(Moment::say($at), $forecast->shareAt($at), $limits->low, $limits->high);
        }

        return $points;
    }
}
