<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\DrawnDayDocument;
use App\Documents\DrawnInstrumentDocument;
use App\Documents\DrawnMeasureDocument;
use App\Documents\InstrumentDocument;
use App\Instruments\Forecasts;
use App\Instruments\Readings;
use App\Models\Instrument;
use App\Models\Place;
use App\Moment;
use App\Voice\Quantity;
use App\Voice\Speaking;
use App\Voice\When;
use Marrow\Core\Fields\Field;
use Marrow\Core\Instruments\DaySummary;
use Marrow\Core\Instruments\InstrumentKind;
use Marrow\Core\Instruments\Measure;
use Marrow\Core\Instruments\PrevailingWind;

/** Instruments as they are shown: what each is, how it goes with it, and what it told. */
final readonly class InstrumentSheet
{
    public function __construct(private Readings $readings) {}

    /** @return list<InstrumentDocument> */
    public function all(When $when): array
    {
        return array_values(Instrument::inUse()->get()->map(fn (Instrument $one): InstrumentDocument => $this->of($one, $when))->all());
    }

    public function of(Instrument $instrument, When $when): InstrumentDocument
    {
        $place = $instrument->place_id === null ? null : Place::query()->find($instrument->place_id);
        $heard = Moment::readOrNull($instrument->heard_at);

        return new InstrumentDocument(
            $instrument->id,
            $instrument->name,
            $instrument->kind,
            $instrument->sort()->label(),
            $place?->name,
            $instrument->place_id,
            $instrument->address,
            $instrument->errs === null ? null : '± '.($instrument->sort() === InstrumentKind::Scale ? Field::show($instrument->errs)."\u{00A0}g" : self::degrees($instrument->errs)),
            $heard === null ? null : $when->minute($heard),
            $instrument->trouble === '' ? null : $instrument->trouble,
            $instrument->sort() === InstrumentKind::Weather ? $this->record($instrument, $when) : null,
            (object) ['name' => $instrument->name, 'kind' => $instrument->kind, 'place_id' => $instrument->place_id, 'address' => $instrument->address, 'errs' => $instrument->errs === null ? '' : Field::show($instrument->errs)],
        );
    }

    public function drawn(Instrument $instrument, string $from, string $to, When $when): DrawnInstrumentDocument
    {
        return new DrawnInstrumentDocument($this->of($instrument, $when), array_values(array_filter(array_map(fn (Measure $measure): ?DrawnMeasureDocument => $this->measure($instrument, $measure, $from, $to, $when), array_filter($instrument->sort()->measures(), static fn (Measure $one): bool => $one->isDrawn())))));
    }

    private function measure(Instrument $instrument, Measure $measure, string $from, string $to, When $when): ?DrawnMeasureDocument
    {
        $units = Speaking::forms()->units;
        $days = $this->readings->drawn($instrument, $measure, $from, $to);
        if ($days === []) {
            return null;
        }
        $said = static fn (float $value): float => round($units->fromCore($measure->unit(), $value), 2);
        $last = $this->readings->last($instrument, $measure);

        return new DrawnMeasureDocument(
            $measure->value,
            ucfirst($measure->label()),
            $units->unit($measure->unit()),
            $last === null ? null : Field::show($said($last->value))."\u{00A0}".$units->unit($measure->unit()).', '.$when->minute($last->at),
            array_map(static fn (string $day, DaySummary $of): DrawnDayDocument => new DrawnDayDocument($day, $said($measure->addsUp() ? 0.0 : $of->least), $said($measure->addsUp() ? $of->sum : $of->greatest), $said($of->figure($measure))), array_keys($days), $days),
        );
    }

    private function record(Instrument $instrument, When $when): ?string
    {
        $record = Forecasts::record($instrument->id, $when->now);
        $says = [];
        if ($record->days > 0) {
            $says[] = $record->foretold === 0
                ? sprintf('On %s it foretold no rain; it rained on %d of them.', Quantity::number($record->days, 'day'), $record->unforeseen)
                : sprintf('Of %s with rain foretold the day before it rained on %d; on %d more it rained unforeseen. Of %s in all.', Quantity::number($record->foretold, 'day'), $record->fell, $record->unforeseen, Quantity::number($record->days, 'day'));
        }
        if ($record->lowError !== null) {
            $says[] = sprintf('Its nights are off by %s in the mean%s.', self::degrees($record->lowError), abs((float) $record->lowBias) < 0.3 ? '' : sprintf(', and come %s %s than it says', self::degrees(abs((float) $record->lowBias)), $record->lowBias > 0.0 ? 'colder' : 'warmer'));
        }

        $wind = $this->wind($instrument, $when);
        if ($wind !== null) {
            $says[] = sprintf('Over the last year the wind came mostly from %d°, %s: a plan asks for it where pollen flies.', (int) round($wind->from), $wind->steadiness > 0.6 ? 'steadily' : 'with much from elsewhere');
        }

        return $says === [] ? null : implode(' ', $says);
    }

    private function wind(Instrument $instrument, When $when): ?PrevailingWind
    {
        $mean = function (Measure $measure) use ($instrument, $when): float {
            $days = $this->readings->days($instrument, $measure, $when->now->modify('-1 year')->format('Y-m-d'), $when->now->format('Y-m-d'));

            return $days === [] ? 0.0 : array_sum(array_map(static fn (DaySummary $day): float => $day->mean(), $days)) / count($days);
        };

        return PrevailingWind::of($mean(Measure::WindEast), $mean(Measure::WindNorth), $mean(Measure::Wind));
    }

    /** A difference, not a temperature. */
    private static function degrees(float $celsius): string
    {
        $units = Speaking::forms()->units;

        return Field::show(round($celsius * ($units->fromCore('°C', 1.0) - $units->fromCore('°C', 0.0)), 1))."\u{00A0}".$units->unit('°C');
    }
}
