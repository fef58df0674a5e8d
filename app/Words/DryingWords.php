<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use App\Voice\When;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Drying\BalanceGround;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Drying\DryingStrand;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Steps\Drying\MoistureBasis;

/** How dry a lot is, and what that is known by. */
final readonly class DryingWords
{
    public function __construct(private LotCourse $lot, private When $when) {}

    public function drying(): string
    {
        $drying = $this->lot->drying;
        $crop = $this->lot->facts->crop;
        $moisture = $drying->moisture();
        $target = $drying->targetMass();

        return match ($drying->verdict()) {
            DryingVerdict::NotSpread => 'Not on the racks yet.',
            DryingVerdict::MustNotDry => $crop->isKeptAlive()
                ? sprintf('%s is cured here, not dried as seed is. %s', $crop->name, AdviceWords::keptAlive($crop))
                : 'This kind dies when it dries: take it off the racks, keep it damp and cool, and sow it.',
            DryingVerdict::DryEnough => sprintf(
                'Dry enough for a jar: %s; %s or less is, for %s. %s.',
                Quantity::moisture((float) $moisture),
                Quantity::moisture((float) $crop->jarMoisture),
                CropName::inSentence($crop->name),
                $crop->drynessSign,
            ),
            DryingVerdict::Steady => 'Its weight is steady, so it is as dry as this room makes it. How dry that is, only the humidity in a closed jar tells.',
            DryingVerdict::Left => $moisture !== null
                ? sprintf($drying->spreadAt === null ? 'At %s when last measured; %s is dry enough for a jar.' : 'Off the racks, at %s when last measured; %s is dry enough for a jar.', Quantity::moisture($moisture), Quantity::moisture((float) $crop->jarMoisture))
                : 'Off the racks; how dry it was nobody measured.',
            DryingVerdict::Drying => match (true) {
                $moisture !== null && $target !== null => sprintf(
                    'Not dry enough for a jar: %s; %s or less is. It will be there when it weighs %s.',
                    Quantity::moisture($moisture),
                    Quantity::moisture((float) $crop->jarMoisture),
                    Quantity::grams($target),
                ),
                $moisture !== null => sprintf('Not dry enough for a jar: %s; %s or less is.', Quantity::moisture($moisture), Quantity::moisture((float) $crop->jarMoisture)),
                default => 'Still drying: its weight is falling, or there are too few weighings a day apart to tell. Paper bag and a dry room only, no jar, no freezer.',
            },
        };
    }

    public function moistureGround(DryingStrand $drying): string
    {
        if ($drying->basis === null || $drying->moistureKnownAt === null) {
            return 'No moisture is known yet: give a starting moisture, or read the humidity in a closed jar.';
        }

        return match ($drying->basis) {
            MoistureBasis::StartingMoisture => sprintf('From the starting moisture given %s; the dry matter stays the same.', $this->when->day($drying->moistureKnownAt)),
            MoistureBasis::JarRh => sprintf(
                'From %s in a closed jar, read %s, by the moisture that %s; good to about %s %% either way.',
                round((float) $drying->jarRh * 100).' % RH',
                $this->when->day($drying->moistureKnownAt),
                match ($this->lot->facts->crop->balance->ground) {
                    BalanceGround::Measured => 'was measured of this species (Harrington 1960)',
                    BalanceGround::Genus => 'was measured of others of its genus (Harrington 1960)',
                    BalanceGround::Usual => 'vegetable seed usually has there: of this crop Marrow has no measurement',
                    BalanceGround::Equation => 'its oil tells (Cromarty, Ellis & Roberts 1982)',
                },
                Quantity::decimal($this->lot->facts->crop->balance->ground->within()),
            ),
        };
    }
}
