<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Drying\Air;
use Marrow\Core\Drying\JarOpening;
use Marrow\Core\Steps\Holding\Stretch;
use Marrow\Core\Steps\Holding\Surroundings;
use Marrow\Core\Steps\Packets\Packet;
use Marrow\Core\Storage\ViabilityConstants;
use Marrow\Core\Work\Later;

/** Seed in one container: where it has lain, how moist it is there, and whether it is still cold. */
final class Kept
{
    /** Hours after which anything from a freezer is as warm as the room, where its air is so damp that nothing sooner is safe. */
    private const WARM_HOURS = 12.0;

    /** °C of the place where it lies now, and its humidity. */
    public StoredAt $at;

    /** @var list<string> names from the place inwards */
    public array $path;

    public ?string $placeId;

    /** Whether the air of the place is kept out, by its own lid or that of a container around it. */
    public bool $isShut;

    /** Per cent of wet mass; null of what is in balance with nothing. */
    public ?float $moisture = null;

    public ?MoistureGround $ground = null;

    /** Out of the cold, it is opened no sooner than this. */
    public ?\DateTimeImmutable $coldUntil = null;

    public ?\DateTimeImmutable $warmingSince = null;

    /** What was asked before it went into the cold, and overruled by the keeper. */
    public ?string $frozenThough = null;

    /** In the cold only until what eats it is dead: from then on it comes out. */
    public ?\DateTimeImmutable $outAt = null;

    /** Seeds in it; null of the container that holds the rest. */
    public ?float $part = null;

    /** What it is for, where it is one of the lot's packets. */
    public ?Packet $packet = null;

    /** When the last of what was in it was taken. */
    public ?\DateTimeImmutable $emptiedAt = null;

    /** @var list<array{from: \DateTimeImmutable, moisture: float, temperature: float}> */
    public array $stays = [];

    private \DateTimeImmutable $seen;

    /** @param  ?string  $inside  id of the container that it lies in; null where it lies in the place itself */
    public function __construct(
        private readonly Crop $crop,
        private readonly float $roomMoisture,
        public readonly ContainerKind $container,
        private readonly Surroundings $around,
        public readonly \DateTimeImmutable $since,
        public readonly ?string $inside = null,
    ) {
        $stretch = $around->at($since);
        [$this->at, $this->path, $this->placeId, $this->seen] = [$stretch->air, $stretch->path, $stretch->placeId, $since];
        $this->isShut = $container->isTight() || $stretch->isShut;
    }

    /** Filled with seed as moist as that. */
    public function fill(?float $moisture, ?MoistureGround $ground): void
    {
        [$this->moisture, $this->ground] = [$moisture, $ground];
        $this->stay($this->since);
    }

    /** It was found to be as moist as that. */
    public function measured(float $moisture, MoistureGround $ground, \DateTimeImmutable $at): void
    {
        [$this->moisture, $this->ground] = [$moisture, $ground];
        $this->stay($at);
    }

    /**
     * What happened around it meanwhile: the tin it lies in was moved, the air of the place is another.
     *
     * @param  ?\DateTimeImmutable  $until  null for all that is known
     */
    public function pass(?\DateTimeImmutable $until): void
    {
        foreach ($this->around->changes($this->seen, $until) as $change) {
            if ($change->from !== null) {
                $this->meet($change, $change->from);
            }
        }
        $this->seen = $until ?? $this->seen;
    }

    /** Taken out of the cold into the air where it is now. */
    public function cameFrom(StoredAt $before, \DateTimeImmutable $at): void
    {
        $this->warm($before->temperatureC, $this->around->at($at), $at);
    }

    private function meet(Stretch $stretch, \DateTimeImmutable $at): void
    {
        $this->seen = $at;
        $was = $this->at->temperatureC;
        $wasShut = $this->isShut;
        [$this->at, $this->path, $this->placeId] = [$stretch->air, $stretch->path, $stretch->placeId];
        $this->isShut = $this->container->isTight() || $stretch->isShut;
        if ($this->moisture !== null && ! $this->isShut) {
            $this->moisture = $this->crop->balance->moisture($stretch->air->rh / 100.0, max(-20.0, $stretch->air->temperatureC));
            $this->ground = $stretch->air->isAirKnown && $stretch->air->isRhKnown ? MoistureGround::PlaceAir : MoistureGround::RoomAir;
        } elseif ($this->moisture !== null && ! $wasShut) {
            $this->ground = MoistureGround::Carried;
        }
        $this->warm($was, $stretch, $at);
        $this->stay($at);
    }

    /** Whether it lies hotter than anybody has measured how long seed lives. */
    public function isTooHotToTell(): bool
    {
        return $this->at->temperatureC > ViabilityConstants::MAX_TEMPERATURE;
    }

    /** Water settles on what is colder than the dew point of the air around it. */
    private function warm(float $was, Stretch $stretch, \DateTimeImmutable $at): void
    {
        if ($stretch->air->temperatureC <= $was) {
            [$this->coldUntil, $this->warmingSince] = [null, null];

            return;
        }
        $opening = JarOpening::of(max(Air::MIN_TEMPERATURE, $was), Air::at($stretch->air->temperatureC, max(Air::MIN_RH, $stretch->air->rh / 100.0)), $this->container->warmingMinutes() + $stretch->warming);
        $this->coldUntil = $opening->dewForms ? Later::hours($at, ($opening->waitMinutes ?? self::WARM_HOURS * 60) / 60) : null;
        $this->warmingSince = $opening->dewForms ? $at : null;
    }

    private function stay(\DateTimeImmutable $from): void
    {
        $this->stays[] = ['from' => $from, 'moisture' => $this->moisture ?? $this->roomMoisture, 'temperature' => $this->at->temperatureC];
    }
}
