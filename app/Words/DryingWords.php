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
use Marrow\Core\Drying\Evidence;
use Marrow\Core\Drying\SeedHeat;
use Marrow\Core\Drying\SignResult;
use Marrow\Core\Drying\Witness;
use Marrow\Core\Lot\LotCourse;
use Marrow\Core\Steps\Drying\DryingVerdict;

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
        $evidence = $drying->evidence();
        $enough = Quantity::moisture((float) $crop->jarMoisture);
        $is = $evidence === null ? '' : EvidenceWords::range($evidence);

        return match ($drying->verdict()) {
            DryingVerdict::NotSpread => 'Not on the racks yet.',
            DryingVerdict::MustNotDry => $crop->isKeptAlive()
                ? sprintf('%s is cured here, not dried as seed is. %s', $crop->name, AdviceWords::keptAlive($crop))
                : 'This kind dies when it dries: take it off the racks, keep it damp and cool, and sow it.',
            DryingVerdict::DryEnough => sprintf('Dry enough for a jar: %s; %s or less is, for %s. %s.', $is, $enough, CropName::inSentence($crop->name), $crop->drynessSign).$this->overDry(),
            DryingVerdict::Steady => 'Its weight is steady, so it is as dry as this room makes it. How dry that is, only a closed jar tells, by a hygrometer or a card.',
            DryingVerdict::Stopped => self::stopped($crop, (float) $drying->moisture()),
            DryingVerdict::ByHand => $evidence === null ? '' : EvidenceWords::sentence($evidence, (float) $crop->jarMoisture),
            DryingVerdict::Left => $drying->moisture() !== null
                ? sprintf($drying->spreadAt === null ? 'At %s when last measured; %s is dry enough for a jar.' : 'Off the racks, at %s when last measured; %s is dry enough for a jar.', $is, $enough)
                : 'Off the racks; how dry it was nobody measured.',
            DryingVerdict::Drying => $this->isDrying($evidence, $is, $enough),
        };
    }

    private function isDrying(?Evidence $evidence, string $is, string $enough): string
    {
        $drying = $this->lot->drying;
        $target = $drying->targetMass();

        if ($this->lot->rack->isShutIn && $evidence === null) {
            return sprintf('How dry it was as it was shut in nobody had measured; %s or less is dry enough for a jar.', $enough);
        }
        if ($this->lot->rack->wasShutIn && ! $this->lot->rack->isShutIn && $evidence === null) {
            return sprintf('Out of its jar with desiccant it is drier than it was, and nobody knows how dry: shut it in a jar by itself for a day and read that; %s or less is wanted.', $enough);
        }
        if ($this->lot->rack->isShutIn && $evidence !== null && $drying->moistureKnownAt() <= $this->lot->desiccant->since) {
            return sprintf('It held %s as it went in with the desiccant; %s or less is dry enough for a jar.', $is, $enough);
        }

        return trim(match (true) {
            $drying->moisture() === null && $evidence !== null => EvidenceWords::sentence($evidence, (float) $this->lot->facts->crop->jarMoisture).($drying->isDampInside() ? ' '.EvidenceWords::DRY_OUTSIDE : ''),
            $drying->moisture() !== null && $target !== null => sprintf('Not dry enough for a jar: %s; %s or less is. It will be there when it weighs %s.', $is, $enough, Quantity::grams($target)),
            $drying->moisture() !== null => sprintf('Not dry enough for a jar: %s; %s or less is.', $is, $enough),
            $drying->weighings() !== [] => 'Still drying: its weight is falling, or there are too few weighings a day apart to tell. Paper bag and a dry room only, no jar, no freezer.',
            default => 'How dry it is nobody has tried yet. Paper bag and a dry room only, no jar, no freezer.',
        }.' '.$this->soon());
    }

    /** When it will be dry enough, where that can be told. */
    private function soon(): string
    {
        $drying = $this->lot->drying;
        $by = $drying->dryBy();

        return $by === null ? '' : self::dryBy($by->early, $by->middle, $by->late, $this->lot->rack->course()?->isAirKnown === true ? $this->lot->rack->placeName() : null, $this->when);
    }

    /** Drier than it bears. */
    private function overDry(): string
    {
        $least = $this->lot->facts->crop->leastMoisture;

        return $least === null || $this->lot->drying->moisture() >= $least ? '' : sprintf(' Below %s it takes up water so fast that it cracks: let it lie open in damp air for two days before it is sown.', Quantity::moisture($least));
    }

    /**
     * "Dry by about Thursday 17 September in the Attic (15 September in drier air, 20 September in damper)."
     *
     * @param  ?string  $place  whose air was measured; null of an ordinary room
     */
    public static function dryBy(DateTimeImmutable $early, DateTimeImmutable $middle, ?DateTimeImmutable $late, ?string $place, When $when): string
    {
        $there = $place === null ? 'in an ordinary room' : "in the air of $place";
        if ($middle <= $when->now) {
            return sprintf('%s it should be dry enough since about %s: look whether it is.', ucfirst($there), $when->date($middle));
        }

        return sprintf(
            'Dry by about %s %s (%s in drier air, %s).',
            $when->date($middle),
            $there,
            $early <= $when->now ? 'by now' : $when->date($early),
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
     * @param  ?float  $mass  g, what it weighs now; null where nobody weighed it
     * @param  ?array{string, float, bool, ?float}  $has  what the keeper has: its kind, g dry, and whether it is blue
     */
    public static function wayOut(Crop $crop, float $moisture, ?float $mass, ?array $has = null): string
    {
        $enough = (float) $crop->jarMoisture;
        $room = $crop->balance->seedRh($enough, self::ROOM);

        return sprintf(
            'What would help: %s, a room below %s RH, or warmer air (%s at the most). In paper or cloth it keeps as it is.%s',
            self::gel($mass, $moisture, $enough, $room, $has),
            Quantity::percent($room),
            Quantity::temperature(SeedHeat::most($crop->maxDryingTemperature, $moisture, false)),
            $has !== null && ! $has[2] ? '' : ' Gel that is blue when dry is poisonous: keep it off seed for eating.',
        );
    }

    /**
     * How much that dries goes into a closed jar with it, to two figures: kinds differ by a third.
     *
     * @param  ?array{string, float, bool, ?float}  $has
     */
    private static function gel(?float $mass, float $moisture, float $enough, float $rhEnd, ?array $has): string
    {
        $water = Desiccant::of($mass ?? 100.0, $moisture, $enough, $rhEnd)->water;
        $about = static fn (DesiccantKind $kind): float => (float) sprintf('%.2g', $water / $kind->holds($rhEnd));
        $for = $mass === null ? ' to each 100 g of it' : ' with it';
        if ($has === null) {
            return sprintf('%s of dry silica gel in a closed jar%s (or %s of rice, baked dry)', Quantity::grams($about(DesiccantKind::Gel)), $for, Quantity::grams($about(DesiccantKind::Rice)));
        }
        $kind = DesiccantKind::from($has[0]);
        $wanted = $about($kind);

        return sprintf('%s of dry %s in a closed jar%s%s', Quantity::grams($wanted), $kind->label(), $for, match (true) {
            $mass === null => '',
            $wanted <= $has[1] => $has[3] === null ? '' : sprintf(' (%s of yours)', Quantity::number((int) ceil($wanted / $has[3]), 'sachet')),
            default => sprintf(' (of the %s you have that is %s, dried again in between)', Quantity::grams($has[1]), Quantity::number((int) ceil($wanted / $has[1]), 'fill')),
        });
    }

    /** What its moisture is known by, and what does not go with that. */
    public function ground(): string
    {
        $drying = $this->lot->drying;
        $evidence = $drying->evidence();
        $knownAt = $drying->moistureKnownAt();
        $by = match ($drying->basis()) {
            null => $evidence === null
                ? 'No moisture is known yet: try it by hand, read a card or the humidity in a closed jar, or give a starting moisture.'
                : EvidenceWords::by($evidence->decidedBy).($drying->dampness->triedAt() === null ? '' : sprintf(' Tried %s: %s.', $this->when->day($drying->dampness->triedAt()), implode(', ', array_map(static fn (SignResult $sign): string => $sign->label(), $drying->dampness->signs())))),
            Witness::Weight => sprintf('From the starting moisture given %s; the dry matter stays the same.', $this->when->day($knownAt ?? $this->when->now)),
            Witness::Card => sprintf('From a card read %s, by the moisture that %s. A card says a range, and its damp end is gone by.', $this->when->day($knownAt ?? $this->when->now), $this->balance()),
            Witness::RoughJar => sprintf('From %s in a jar, read %s. It was not half full, not shut for a day or not evenly warm, so it says less: ten points either way, and the damp end is gone by.', Quantity::percent((float) $drying->dampness->readRh()).' RH', $this->when->day($knownAt ?? $this->when->now)),
            default => sprintf(
                'From %s in a closed jar, read %s, by the moisture that %s; good to about %s %% either way.',
                Quantity::percent((float) $drying->dampness->readRh()).' RH',
                $this->when->day($knownAt ?? $this->when->now),
                $this->balance(),
                Quantity::decimal($this->lot->facts->crop->balance->ground->within()),
            ),
        };

        return trim($by.' '.EvidenceWords::against($evidence->against ?? []));
    }

    private function balance(): string
    {
        return match ($this->lot->facts->crop->balance->ground) {
            BalanceGround::Measured => 'was measured of this species (Harrington 1960)',
            BalanceGround::Genus => 'was measured of others of its genus (Harrington 1960)',
            BalanceGround::Usual => 'vegetable seed usually has there: of this crop Marrow has no measurement',
            BalanceGround::Equation => 'its oil tells (Cromarty, Ellis & Roberts 1982)',
        };
    }
}
