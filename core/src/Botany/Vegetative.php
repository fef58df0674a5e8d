<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** How a variety is kept by a part of the plant: no seed is picked, dried or forecast then. */
final readonly class Vegetative
{
    /**
     * @param  array{int, int}  $plant  first and last month; the last may be of the next year
     * @param  ?array{float, float}  $spacing  m in the row and between rows
     * @param  ?array{int, int}  $lift  months
     * @param  ?string  $cue  what tells that it is time to lift
     * @param  ?array{float, float}  $storeTemperature  °C
     * @param  ?array{float, float}  $storeHumidity  % RH
     * @param  ?array{float, float}  $keeps  months in store, ordinary range
     * @param  ?string  $renewal  how the stock is kept clean
     */
    public function __construct(
        public array $plant,
        public ?array $spacing,
        public ?array $lift,
        public ?string $cue,
        public ?string $cure,
        public ?array $storeTemperature,
        public ?array $storeHumidity,
        public ?array $keeps,
        public ?string $renewal,
        public ?string $note,
    ) {}

    /** @throws UnsoundCrop */
    public static function read(CropFigures $f): ?self
    {
        $at = 'kept_by.vegetative';

        return $f->has($at) ? new self(
            $f->months("$at.plant"),
            $f->rangeOr("$at.spacing", 0.01, 5),
            $f->has("$at.lift") ? $f->months("$at.lift") : null,
            $f->textOr("$at.cue", null),
            $f->textOr("$at.cure", null),
            $f->rangeOr("$at.store_temperature", -5, 35),
            $f->rangeOr("$at.store_humidity", 10, 100),
            $f->rangeOr("$at.keeps", 0, 24),
            $f->textOr("$at.renewal", null),
            $f->textOr("$at.note", null),
        ) : null;
    }

    /** Whether it lies in store until it is planted; what keeps less than a month is taken from the plant and set at once. */
    public function lies(): bool
    {
        return $this->keeps === null || $this->keeps[1] >= 1.0;
    }

    /** @param  int  $month  1 to 12 */
    public function isPlantedIn(int $month): bool
    {
        return self::within($this->plant, $month);
    }

    /** @param  int  $month  1 to 12 */
    public function isLiftedIn(int $month): bool
    {
        return $this->lift !== null && self::within($this->lift, $month);
    }

    /** @param  array{int, int}  $months  the last may be of the next year */
    private static function within(array $months, int $month): bool
    {
        [$from, $to] = $months;

        return $from <= $to ? $month >= $from && $month <= $to : $month >= $from || $month <= $to;
    }
}
