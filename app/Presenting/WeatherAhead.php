<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\WeatherDocument;
use App\Instruments\Forecasts;
use App\Instruments\Readings;
use App\Models\DueTask;
use App\Models\Instrument;
use App\Models\Planting;
use App\Moment;
use App\Reading\Facts;
use App\Voice\Quantity;
use App\Voice\When;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Drying\Air;
use Marrow\Core\Instruments\ForecastDay;
use Marrow\Core\Instruments\InstrumentKind;
use Marrow\Core\Instruments\Measure;
use Marrow\Core\Instruments\Reading;
use Marrow\Core\Steps\Cleaning\CleaningTask;
use Marrow\Core\Steps\Drying\RackTask;
use Marrow\Core\Steps\Growing\GrowingTask;
use Marrow\Core\Steps\Origin\Finishing;
use Marrow\Core\Steps\Pollinating\PollinatingTask;
use Marrow\Core\Steps\Ripening\RipeningTask;

/** What the weather of the next days asks for: rain and frost before what they spoil. Of weather that nobody foretells nothing is said. */
final readonly class WeatherAhead
{
    private const DAYS = 3;

    /** °C of a foretold night: at the height of the plants it is colder than where it is measured. */
    private const FROST = 2.0;

    private const MOST = 20;

    /** Tasks of seed that may be ripe. */
    private const PICKS = [GrowingTask::Pick->value, RipeningTask::PickReady->value, RipeningTask::LookAgain->value];

    /** h for which what a station measured is the air of now. */
    private const FRESH = 3;

    public function __construct(private Tasks $tasks, private Facts $facts, private Readings $readings) {}

    public function of(When $when): ?WeatherDocument
    {
        $days = Forecasts::ahead($when->now, self::DAYS);
        if ($days === []) {
            return null;
        }
        $bias = $this->bias($when);
        $rain = array_find($days, static fn (ForecastDay $day): bool => $day->isRainLikely());
        $frost = array_find($days, static fn (ForecastDay $day): bool => $day->low !== null && $day->low - $bias <= self::FROST);
        $first = $this->before($rain, $frost, $when);
        $says = array_values(array_filter([
            $rain === null ? null : self::rain($rain, $when),
            $frost === null ? null : self::frost($frost, $bias, $when),
            $rain === null ? null : $this->ripe($rain, $first, $when),
            $rain === null ? null : $this->flowers($rain, $when),
            $this->dew($days, $when),
        ]));

        return $says === [] ? null : new WeatherDocument($says, $this->tasks->documents($first, $when), $frost !== null && $first->isNotEmpty());
    }

    /**
     * Tasks that are better done before it comes: what is picked dry, before rain; what frost kills, before frost.
     *
     * @return Collection<int, DueTask>
     */
    private function before(?ForecastDay $rain, ?ForecastDay $frost, When $when): Collection
    {
        if ($rain === null && $frost === null) {
            return new Collection;
        }
        $open = DueTask::query()->where('opens_at', '<=', Moment::keep($when->now))->whereIn('kind', [...self::PICKS, CleaningTask::Turn->value])->orderBy('best_at')->limit(self::MOST)->get();
        $out = $rain === null ? new Collection : DueTask::query()->where('kind', RackTask::TakeIn->value)->orderBy('best_at')->limit(self::MOST)->get();
        $plantings = Planting::query()->with('variety')->findMany($open->whereIn('kind', self::PICKS)->pluck('subject_id')->all())->keyBy('id');

        return $out->concat($open->filter(function (DueTask $task) use ($plantings, $rain, $frost): bool {
            if ($task->kind === CleaningTask::Turn->value) {
                return $rain !== null && str_contains($task->figures, '"'.Finishing::Windrow->value.'"');
            }
            $planting = $plantings->get($task->subject_id);
            $crop = $planting instanceof Planting ? $this->facts->crop($planting->variety) : null;

            return $crop !== null && (($rain !== null && ! $crop->isWetCleaned()) || ($frost !== null && self::isKilled($crop)));
        }))->values();
    }

    private static function isKilled(Crop $crop): bool
    {
        return $crop->growing->frostTender;
    }

    private static function rain(ForecastDay $day, When $when): string
    {
        return sprintf(
            'Rain is likely %s%s%s: what is ripe and dry comes in before it.',
            self::named($day, $when),
            $day->rainChance === null ? '' : sprintf(', %d times in 10 by the forecast', (int) round(10 * $day->rainChance)),
            $day->rainMm === null ? '' : sprintf(', about %s', Quantity::decimal($day->rainMm)."\u{00A0}mm"),
        );
    }

    private static function frost(ForecastDay $day, float $bias, When $when): string
    {
        $low = (float) $day->low;

        return sprintf(
            '%s in the night to %s: %s foretold%s. Pick or cover what it kills.',
            $low - $bias <= 0.0 ? 'Frost is likely' : 'There may be frost on the ground',
            self::named($day, $when),
            Quantity::temperature($low),
            abs($bias) < 0.3 ? '' : sprintf(', and its nights have come %s than it said', $bias > 0.0 ? 'colder' : 'warmer'),
        );
    }

    /**
     * What was found ready is cut before the rain, what was not can hang.
     *
     * @param  Collection<int, DueTask>  $before
     */
    private function ripe(ForecastDay $rain, Collection $before, When $when): ?string
    {
        $named = static fn (RipeningTask $kind): string => implode(', ', $before->where('kind', $kind->value)->pluck('code')->unique()->all());
        [$ready, $later] = [$named(RipeningTask::PickReady), $named(RipeningTask::LookAgain)];
        $cut = $rain->day > $when->now->modify('+1 day')->format('Y-m-d') ? 'tomorrow, once the dew is off' : 'today';

        return $ready === '' && $later === '' ? null : ucfirst(implode('; ', array_filter([
            $ready === '' ? '' : "cut $ready $cut",
            $later === '' ? '' : ($ready === '' ? "$later can hang" : "the rest can hang ($later)"),
        ]))).'.';
    }

    /** Flowers that are shut by hand in the evening and opened in the morning bear no rain in between. */
    private function flowers(ForecastDay $rain, When $when): ?string
    {
        $tomorrow = $when->now->modify('+1 day');

        return $rain->day > $tomorrow->format('Y-m-d') || DueTask::query()->whereIn('kind', [PollinatingTask::Shut->value, PollinatingTask::Pollinate->value])->where('best_at', '<=', Moment::keep($tomorrow->setTime(23, 59)))->doesntExist()
            ? null
            : 'Flowers that are shut or pollinated by hand want a cover then: pollen that is wet does not take.';
    }

    /**
     * What lies in a windrow is wet again in the morning where the night falls below the dew point of this air.
     *
     * @param  list<ForecastDay>  $days
     */
    private function dew(array $days, When $when): ?string
    {
        $inWindrow = DueTask::query()->where('kind', CleaningTask::Turn->value)->where('figures', 'like', '%"'.Finishing::Windrow->value.'"%')->exists();
        $onRacks = DueTask::query()->where('kind', RackTask::TakeIn->value)->exists();
        $station = $inWindrow || $onRacks ? Instrument::inUse()->where('kind', InstrumentKind::Weather->value)->first() : null;
        $tomorrow = $when->now->modify('+1 day')->format('Y-m-d');
        $night = array_find($days, static fn (ForecastDay $day): bool => $day->day === $tomorrow)?->low;
        if (! $station instanceof Instrument || $night === null) {
            return null;
        }
        [$temperature, $humidity] = [$this->readings->last($station, Measure::Temperature), $this->readings->last($station, Measure::Humidity)];
        $isFresh = static fn (?Reading $reading): bool => $reading !== null && $reading->at >= $when->now->modify(sprintf('-%d hours', self::FRESH));

        return $temperature === null || $humidity === null || ! $isFresh($temperature) || ! $isFresh($humidity) || $night >= Air::at(max(Air::MIN_TEMPERATURE, min(Air::MAX_TEMPERATURE, $temperature->value)), max(Air::MIN_RH, $humidity->value / 100))->dewPoint()
            ? null
            : sprintf('Dew is likely tonight: %s, before evening.', match (true) {
                $inWindrow && $onRacks => 'what lies in a windrow or is spread out of doors is covered, or comes in',
                $onRacks => 'what is spread out of doors to dry comes in',
                default => 'what lies in a windrow is covered, or comes in',
            });
    }

    private static function named(ForecastDay $day, When $when): string
    {
        return $when->day(new DateTimeImmutable($day->day.' 12:00', $when->now->getTimezone()));
    }

    /** °C by which the nights of the forecast have come colder than it said; 0 where nobody knows. */
    private function bias(When $when): float
    {
        $weather = Instrument::inUse()->where('kind', InstrumentKind::Weather->value)->first();

        return $weather instanceof Instrument ? Forecasts::record($weather->id, $when->now)->lowBias ?? 0.0 : 0.0;
    }
}
