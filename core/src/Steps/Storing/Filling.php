<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Drying\Witness;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Drying\DryingStrand;

/** How moist seed is in what it goes into, by where it comes from. */
final readonly class Filling
{
    public function __construct(private Crop $crop, private DryingStrand $drying, private Practice $practice) {}

    /**
     * @param  ?Kept  $from  what it was in before; null where it was in nothing
     * @return array{?float, ?MoistureGround} per cent of wet mass, and what that rests on; null of what must not dry
     */
    public function of(Kept $kept, ?Kept $from): array
    {
        if (! $this->crop->bearsDrying()) {
            return [null, null];
        }
        if (! $kept->isShut) {
            return [$this->crop->balance->moisture($kept->at->rh / 100.0, max(-20.0, $kept->at->temperatureC)), $kept->at->isAirKnown && $kept->at->isRhKnown ? MoistureGround::PlaceAir : MoistureGround::RoomAir];
        }
        if ($from !== null && $from->moisture !== null && $from->ground !== null) {
            if ($from->isShut) {
                // From one tight container into another: it stays as dry as it was.
                return [$from->moisture, $from->ground];
            }
            // What breathed took up the air of its place, whatever it weighed on the racks before; unless a jar was read since.
            $read = $this->drying->moisture();

            return $read !== null && $this->drying->basis() !== Witness::Weight && $this->drying->moistureKnownAt() >= $from->since
                ? [$read, MoistureGround::Measured]
                : [$from->moisture, MoistureGround::Carried];
        }
        $measured = $this->drying->moisture();

        return $measured !== null ? [$measured, MoistureGround::Measured] : [$this->room(), MoistureGround::Assumed];
    }

    /** Whether anybody ever measured how dry it is, and it is not only assumed by now. */
    public function isMeasured(?MoistureGround $ground): bool
    {
        return $ground === MoistureGround::Measured || ($this->drying->moisture() !== null && $ground !== MoistureGround::Assumed);
    }

    /** Ordinary room air is what unstored seed, and seed of unknown moisture, is taken to be in balance with; per cent. */
    public function room(): float
    {
        return $this->crop->balance->moisture($this->practice->number('room_rh') / 100.0, $this->practice->number('room_temperature'));
    }
}
