<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use App\Voice\When;
use DateTimeImmutable;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Drying\BalanceGround;
use Marrow\Core\Drying\Desiccant;
use Marrow\Core\Drying\DesiccantKind;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Drying\DryingStrand;
use Marrow\Core\Steps\Drying\DryingVerdict;
use Marrow\Core\Steps\Drying\MoistureBasis;

/** How dry a lot is, and what that is known by. */
final readonly class DryingWords
{
    /** °C of an ordinary room. */
    private const ROOM = 20.0;

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
            DryingVerdict::Stopped => self::stopped($crop, (float) $moisture),
            DryingVerdict::Left => $moisture !== null
                ? sprintf($drying->spreadAt === null ? 'At %s when last measured; %s is dry enough for a jar.' : 'Off the racks, at %s when last measured; %s is dry enough for a jar.', Quantity::moisture($moisture), Quantity::moisture((float) $crop->jarMoisture))
                : 'Off the racks; how dry it was nobody measured.',
            DryingVerdict::Drying => match (true) {
                $moisture !== null && $target !== null => trim(sprintf(
                    'Not dry enough for a jar: %s; %s or less is. It will be there when it weighs %s. %s',
                    Quantity::moisture($moisture),
                    Quantity::moisture((float) $crop->jarMoisture),
                    Quantity::grams($target),
                    ($by = $drying->dryBy()) === null ? '' : self::dryBy($by->early, $by->middle, $by->late, $this->when),
                )),
                $moisture !== null => sprintf('Not dry enough for a jar: %s; %s or less is.', Quantity::moisture($moisture), Quantity::moisture((float) $crop->jarMoisture)),
                default => 'Still drying: its weight is falling, or there are too few weighings a day apart to tell. Paper bag and a dry room only, no jar, no freezer.',
            },
        };
    }

    /** "Dry by about Thursday 17 September, between 15 and 20 September, in an ordinary room." */
    public static function dryBy(DateTimeImmutable $early, DateTimeImmutable $middle, ?DateTimeImmutable $late, When $when): string
    {
        return sprintf(
            'Dry by about %s in an ordinary room (%s in drier air, %s).',
            $when->date($middle),
            $when->date($early),
            $late === null ? 'never in damper' : $when->date($late).' in damper',
        );
    }

    /** It is in balance with the room. */
    public static function stopped(Crop $crop, float $moisture): string
    {
        return sprintf(
            'It has stopped at %s: in balance with air of about %s RH, and %s or less is dry enough for a jar.',
            Quantity::moisture($moisture),
            Quantity::percent($crop->balance->seedRh(min(40.0, $moisture), self::ROOM)),
            Quantity::moisture((float) $crop->jarMoisture),
        );
    }

    /**
     * What would dry it on.
     *
     * @param  float  $mass  g, what it weighs now
     */
    public static function wayOut(Crop $crop, float $moisture, float $mass): string
    {
        $enough = (float) $crop->jarMoisture;
        $room = $crop->balance->seedRh($enough, self::ROOM);

        return sprintf(
            'What would help: %s, a room below %s RH, or warmer air (%s at the most). In paper or cloth it keeps as it is. Gel that is blue when dry is poisonous: keep it off seed for eating.',
            self::gel($mass, $moisture, $enough, $room),
            Quantity::percent($room),
            Quantity::temperature($crop->maxDryingTemperature),
        );
    }

    /** How much that dries goes into a closed jar with it, to two figures: kinds differ by a third. */
    private static function gel(float $mass, float $moisture, float $enough, float $rhEnd): string
    {
        $water = Desiccant::of($mass, $moisture, $enough, $rhEnd)->water;
        $about = static fn (DesiccantKind $kind): string => Quantity::grams((float) sprintf('%.2g', $water / $kind->holds($rhEnd)));

        return sprintf('%s of dry silica gel in a closed jar with it (or %s of rice, baked dry)', $about(DesiccantKind::Gel), $about(DesiccantKind::Rice));
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
