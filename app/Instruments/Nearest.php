<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Models\Instrument;
use App\Voice\Quantity;
use App\Voice\When;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Instruments\InstrumentKind;
use Marrow\Core\Instruments\Measure;
use Marrow\Core\Instruments\Unreadable;

/** What a field of a unit may be filled with, by the instrument that is nearest to where the hand is. */
final readonly class Nearest
{
    /** min after which what a logger said is no more what there is now. */
    private const FRESH = 60;

    public function __construct(private Takes $takes, private Readings $readings) {}

    /** @return list<string> units that some instrument can tell */
    public static function units(): array
    {
        $units = [];
        foreach (Instrument::inUse()->pluck('kind')->unique() as $kind) {
            foreach (is_string($kind) ? InstrumentKind::from($kind)->measures() : [] as $measure) {
                $units[$measure->unit()] = true;
            }
        }

        return array_values(array_filter(array_keys($units), static fn (string $unit): bool => Measure::ofUnit($unit) !== null));
    }

    /**
     * @param  string  $place  id of the place where the field is of; empty where it is of none
     * @return array{?float, string} the figure in the unit of the core, and what is said of it: nothing is filled where it is null
     */
    public function read(Measure $measure, string $place, When $when): array
    {
        $all = Instrument::inUse()->get()->filter(static fn (Instrument $one): bool => in_array($measure, $one->sort()->measures(), true) && ($one->sort() !== InstrumentKind::Weather))
            ->sortBy(static fn (Instrument $one): int => $place !== '' && $one->place_id === $place ? 0 : ($one->place_id === null ? 1 : 2));
        $instrument = $all->first();
        if (! $instrument instanceof Instrument) {
            return [null, sprintf('Nothing here measures %s.', $measure->label())];
        }
        if ($measure === Measure::Mass) {
            try {
                return [$this->takes->weighed($instrument), self::named($instrument)];
            } catch (Unreadable|Refused $silent) {
                return [null, $silent->getMessage()];
            }
        }
        if ($instrument->address !== '') {
            $this->takes->ask($instrument, $when->now);
        }
        $last = $this->readings->last($instrument, $measure);
        $age = $last === null ? null : ($when->now->getTimestamp() - $last->at->getTimestamp()) / 60;

        return match (true) {
            $last === null => [null, "$instrument->name has told nothing yet.".self::trouble($instrument)],
            $age > self::FRESH => [null, sprintf('%s has told nothing since %s.%s', $instrument->name, $when->minute($last->at), self::trouble($instrument))],
            default => [$last->value, sprintf('%s, %s', self::named($instrument), $when->minute($last->at))],
        };
    }

    /** With by how much it errs, where that is known. */
    private static function named(Instrument $instrument): string
    {
        return $instrument->name.($instrument->errs === null || $instrument->sort() !== InstrumentKind::Scale ? '' : ' ± '.Quantity::grams($instrument->errs));
    }

    private static function trouble(Instrument $instrument): string
    {
        return $instrument->trouble === '' ? '' : " $instrument->trouble";
    }
}
