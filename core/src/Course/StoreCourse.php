<?php

declare(strict_types=1);

namespace Marrow\Core\Course;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Drying\Equilibrium;
use Marrow\Core\Journal\EntryRefused;
use Marrow\Core\Journal\Payload\Stored;
use Marrow\Core\Journal\Payload\Withdrawn;
use Marrow\Core\Storage\AgeingSegment;
use Marrow\Core\Storage\ViabilityConstants;

/** Where a lot has been kept, how much of it is left, and how fast it aged in each place. */
final class StoreCourse
{
    /** Ordinary room air: what unstored seed, and seed of unknown moisture, is taken to be in balance with. */
    public const ROOM_TEMPERATURE = 18.0;

    public const ROOM_RH = 0.50;

    public ?Stored $now = null;

    public ?\DateTimeImmutable $since = null;

    /** @var list<array{from: \DateTimeImmutable, moisture: float, temperature: float}> */
    private array $stays = [];

    /** Per cent of wet mass as the seed is kept now. */
    public ?float $moisture = null;

    public ?MoistureGround $ground = null;

    public readonly Stock $stock;

    public function __construct(private readonly Crop $crop)
    {
        $this->stock = new Stock($crop);
    }

    /**
     * @param  float|null  $measured  moisture as last measured, per cent of wet mass
     *
     * @throws EntryRefused
     */
    public function stored(Stored $stored, \DateTimeImmutable $at, ?float $measured): void
    {
        if ($stored->massG !== null || $stored->seeds !== null || ! $this->stock->isKnown()) {
            $this->stock->filled($stored->massG, $stored->seeds);
        }
        $this->now = $stored;
        $this->since = $at;
        [$this->moisture, $this->ground] = $this->moistureIn($stored, $measured);
        $this->stay($at, $this->moisture, $stored->temperatureC);
    }

    /** A closed-jar reading of seed that is in store already tells how moist it really is. */
    public function jarRead(float $measured, \DateTimeImmutable $at): void
    {
        if ($this->now === null || ! $this->now->container->isTight()) {
            return;
        }
        $this->moisture = $measured;
        $this->ground = MoistureGround::Measured;
        $this->stay($at, $measured, $this->now->temperatureC);
    }

    /** The seed went back to the racks. */
    public function emptied(\DateTimeImmutable $at): void
    {
        if ($this->now === null) {
            return;
        }
        $this->now = null;
        $this->since = null;
        $this->moisture = null;
        $this->ground = null;
        $this->stay($at, Equilibrium::moisture(self::ROOM_RH, self::ROOM_TEMPERATURE, $this->crop->oil), self::ROOM_TEMPERATURE);
    }

    /** @throws EntryRefused */
    public function withdrawn(Withdrawn $withdrawn): void
    {
        if (! $this->stock->isKnown()) {
            throw EntryRefused::outOfPlace('Nobody has said yet how much of this lot there is. Store it with a count or a weight first.');
        }
        if (($withdrawn->seeds === null) === ($withdrawn->massG === null)) {
            throw EntryRefused::at('seeds', 'Say how much was taken: either a number of seeds or a mass.');
        }
        if ($withdrawn->seeds !== null) {
            $this->stock->takeSeeds($withdrawn->seeds, 'seeds');
        } else {
            $this->stock->takeGrams((float) $withdrawn->massG, 'mass_g');
        }
    }

    /**
     * The paces at which the lot has aged since $from, the last one without end; ordinary room air before it was stored.
     *
     * @return list<AgeingSegment>|null null when a stay lies outside what the equation is trusted for (too damp, too hot)
     */
    public function segmentsSince(\DateTimeImmutable $from, ViabilityConstants $constants): ?array
    {
        $room = [
            'from' => $from,
            'moisture' => Equilibrium::moisture(self::ROOM_RH, self::ROOM_TEMPERATURE, $this->crop->oil),
            'temperature' => self::ROOM_TEMPERATURE,
        ];
        $stays = [$room, ...$this->stays];
        $segments = [];
        foreach ($stays as $i => $stay) {
            $next = $stays[$i + 1]['from'] ?? null;
            if ($next !== null && $next <= $from) {
                continue;
            }
            if ($stay['moisture'] > ViabilityConstants::MAX_MOISTURE
                || $stay['temperature'] > ViabilityConstants::MAX_TEMPERATURE
                || $stay['temperature'] < ViabilityConstants::MIN_TEMPERATURE) {
                return null;
            }
            // Drier than the equation's floor gains nothing more (Ellis & Roberts's low-moisture limit).
            $moisture = max(ViabilityConstants::MIN_MOISTURE, $stay['moisture']);
            $start = $stay['from'] > $from ? $stay['from'] : $from;
            $segments[] = new AgeingSegment($start, $constants->sigma($moisture, $stay['temperature']));
        }

        return $segments;
    }

    /** @return array{float, MoistureGround} */
    private function moistureIn(Stored $stored, ?float $measured): array
    {
        if (! $stored->container->isTight()) {
            return [Equilibrium::moisture($stored->rh / 100.0, max(-20.0, $stored->temperatureC), $this->crop->oil), MoistureGround::PlaceAir];
        }
        if ($measured !== null) {
            return [$measured, MoistureGround::Measured];
        }

        return [Equilibrium::moisture(self::ROOM_RH, self::ROOM_TEMPERATURE, $this->crop->oil), MoistureGround::Assumed];
    }

    private function stay(\DateTimeImmutable $from, float $moisture, float $temperature): void
    {
        $this->stays[] = ['from' => $from, 'moisture' => $moisture, 'temperature' => $temperature];
    }
}
