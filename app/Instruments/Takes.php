<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Journal\Draft;
use App\Journal\Recorder;
use App\Models\Acting;
use App\Models\Instrument;
use App\Models\Place;
use App\Models\WriteLock;
use App\Moment;
use App\Reading\Stores;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Instruments\AirFollows;
use Marrow\Core\Instruments\DaySummary;
use Marrow\Core\Instruments\ForecastDay;
use Marrow\Core\Instruments\InstrumentKind;
use Marrow\Core\Instruments\Measure;
use Marrow\Core\Instruments\SentReadings;
use Marrow\Core\Instruments\Unreadable;
use Marrow\Core\Journal\Subject;
use Ramsey\Uuid\Uuid;

/** What an instrument sends, or answers, becomes readings; and what follows from them is recorded. */
final readonly class Takes
{
    public function __construct(private Readings $readings, private Asks $asks, private Recorder $recorder, private Stores $stores) {}

    /**
     * What a logger or a station sent.
     *
     * @return SentReadings what could be read of it
     *
     * @throws Unreadable
     */
    public function sent(Instrument $instrument, mixed $sent, DateTimeImmutable $now): SentReadings
    {
        $hasForecast = $instrument->sort() === InstrumentKind::Weather && is_array($sent) && isset($sent['forecast']);
        $read = $hasForecast && ! isset($sent['readings']) ? SentReadings::of(['readings' => []], $instrument->sort()->measures(), $now) : SentReadings::of($sent, $instrument->sort()->measures(), $now);
        if ($read->readings === [] && ! $hasForecast) {
            throw new Unreadable('Nothing of what it sent could be used.');
        }
        WriteLock::hold(function () use ($instrument, $read, $sent, $hasForecast, $now): void {
            $this->readings->keep($instrument, $read->readings, $now);
            if ($hasForecast) {
                $this->foretold($instrument, ForecastDay::sent($sent, $now), $now);
            }
            $instrument->update(['heard_at' => Moment::keep($now), 'trouble' => '']);
        });
        $this->follow($instrument, $now);

        return $read;
    }

    /** Asks one that has an address, and keeps what it said or what ailed it. */
    public function ask(Instrument $instrument, DateTimeImmutable $now): void
    {
        try {
            $this->sent($instrument, $this->asks->web($instrument->address, $instrument->sort()), $now);
        } catch (Unreadable|Refused $silent) {
            $instrument->update(['trouble' => $silent->getMessage()]);
        }
        $instrument->update(['asked_at' => Moment::keep($now)]);
    }

    /**
     * What a scale says now.
     *
     * @throws Unreadable|Refused
     */
    public function weighed(Instrument $scale): float
    {
        return $this->asks->scale($scale->address);
    }

    /** @param  list<ForecastDay>  $days */
    private function foretold(Instrument $instrument, array $days, DateTimeImmutable $now): void
    {
        foreach ($days as $day) {
            DB::table('forecasts')->upsert(['instrument_id' => $instrument->id, 'for_day' => $day->day, 'said_on' => $now->format('Y-m-d'), 'low' => $day->low, 'high' => $day->high, 'rain' => $day->rainMm, 'chance' => $day->rainChance, 'wind' => $day->windMs], ['instrument_id', 'for_day', 'said_on'], ['low', 'high', 'rain', 'chance', 'wind']);
        }
    }

    /** The air of its place is written down anew where it has become another: once a day at the most. */
    private function follow(Instrument $instrument, DateTimeImmutable $now): void
    {
        $place = $instrument->sort() === InstrumentKind::Logger && $instrument->place_id !== null ? Place::query()->find($instrument->place_id) : null;
        if ($place === null) {
            return;
        }
        $hung = Moment::readOrNull($instrument->hung_at)?->modify('+1 day')->format('Y-m-d') ?? '';
        $from = max($hung, $now->modify(sprintf('-%d days', AirFollows::DAYS))->format('Y-m-d'));
        $yesterday = $now->modify('-1 day')->format('Y-m-d');
        $means = fn (Measure $measure): array => array_values(array_map(static fn (DaySummary $day): float => $day->mean(), $this->readings->days($instrument, $measure, $from, $yesterday)));
        $known = $this->stores->holdings()->around($place->id, null)?->at($now)->air;
        $anew = AirFollows::anew($means(Measure::Temperature), $means(Measure::Humidity), $known?->isAirKnown === true ? $known->temperatureC : null, $known?->isRhKnown === true ? $known->rh : null);
        if ($anew === null) {
            return;
        }
        $id = Uuid::uuid5($place->id, "$instrument->id {$now->format('Y-m-d')}")->toString();
        if (DB::table('journal_entries')->where('id', $id)->doesntExist()) {
            $this->recorder->record([new Draft($id, Subject::Place, $place->id, 'air_set', $now->format('Y-m-d\TH:i'), ['temperature_c' => $anew[0], 'rh' => $anew[1]], evenSo: true)], Acting::instrument($instrument->name), true);
        }
    }
}
