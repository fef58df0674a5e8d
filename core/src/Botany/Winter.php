<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** How a plant comes through the winter before its seed. */
final readonly class Winter
{
    /**
     * @param  int  $hardyTo  °C that it bears in the ground
     * @param  ?array{int, int}  $coldWeeks  weeks below about 10 °C that make it bloom; null where it needs none, or none is known
     * @param  non-empty-list<Wintering>  $stands  ways in use, the usual one first
     * @param  ?array{float, float}  $storeTemperature  °C, where it is lifted
     * @param  ?array{float, float}  $storeHumidity  % RH
     * @param  ?array{int, int}  $replant  months in which what was lifted goes out again
     */
    public function __construct(
        public int $hardyTo,
        public ?array $coldWeeks,
        public array $stands,
        public ?array $storeTemperature,
        public ?array $storeHumidity,
        public ?array $replant,
        public ?string $note,
    ) {}

    /** @throws UnsoundCrop */
    public static function read(CropFigures $f): ?self
    {
        if (! $f->has('winter')) {
            return null;
        }
        $stands = $f->several('winter.stands', Wintering::tryFrom(...));

        return new self(
            $f->whole('winter.hardy_to', -45, 15),
            $f->wholeRangeOr('winter.cold_weeks', 1, 30),
            $stands === [] ? throw $f->unsound('winter.stands', 'at least one way is needed') : $stands,
            $f->rangeOr('winter.store_temperature', -5, 20),
            $f->rangeOr('winter.store_humidity', 10, 100),
            $f->wholeRangeOr('winter.replant', 1, 12),
            $f->textOr('winter.note', null),
        );
    }

    public function canBeLifted(): bool
    {
        return in_array(Wintering::Lifted, $this->stands, true);
    }
}
