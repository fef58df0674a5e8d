<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Steps\Storing\StoredAt;

/**
 * Places, and the containers in them and in one another: what lies around anything at any time. One that is not among
 * those given is looked up when it is first asked for: a lot lies in a few of all there are.
 */
final class Holdings
{
    /** °C and per cent of a room, where something lies nobody knows where. */
    private const NOWHERE = [20.0, 50.0];

    /** @var array<string, Surroundings> of what lies in a container, by its id */
    private array $within = [];

    /** @var array<string, true> containers whose surroundings are being worked out: one that lies within itself lies nowhere */
    private array $open = [];

    /**
     * @param  array<string, ?Surroundings>  $places  by id
     * @param  array<string, ?Holder>  $holders  by id
     * @param  ?\Closure(string): ?Surroundings  $findsPlace  by its id
     * @param  ?\Closure(string): ?Holder  $findsHolder  by its id
     */
    public function __construct(private array $places, private array $holders = [], private readonly ?\Closure $findsPlace = null, private readonly ?\Closure $findsHolder = null) {}

    /** @param  array<string, StoredAt>  $places  that were never anything else */
    public static function ofPlaces(array $places): self
    {
        $still = [];
        foreach ($places as $id => $air) {
            $still[$id] = Surroundings::still($air, (string) $id);
        }

        return new self($still);
    }

    /** The same, with places that are yet to be kept. */
    public function with(string $placeId, StoredAt $air): self
    {
        return new self([...$this->places, $placeId => Surroundings::still($air, $placeId)], $this->holders, $this->findsPlace, $this->findsHolder);
    }

    /** The same, with a container that is yet to be kept. */
    public function withHolder(Holder $holder): self
    {
        return new self($this->places, [...$this->holders, $holder->id => $holder], $this->findsPlace, $this->findsHolder);
    }

    /** What lies around something that was put in a place or into a container; null of what is neither. */
    public function around(?string $placeId, ?string $inside): ?Surroundings
    {
        if ($inside !== null) {
            $holder = $this->holder($inside);

            return $holder === null ? null : $this->within($holder);
        }

        return $placeId === null ? null : $this->place($placeId);
    }

    /** Whether one container lay in another at a time, through however many between. */
    public function isWithin(string $id, string $other, \DateTimeImmutable $at): bool
    {
        // One that lies within itself lies in everything.
        for ($now = $id, $seen = []; $now !== $other && ! isset($seen[$now]); $now = $placed->inside) {
            $seen[$now] = true;
            $holder = $this->holder($now);
            $placed = $holder === null ? null : self::placedAt($holder, $at);
            if ($placed?->inside === null) {
                return false;
            }
        }

        return true;
    }

    public function holder(string $id): ?Holder
    {
        if (! array_key_exists($id, $this->holders)) {
            $this->holders[$id] = $this->findsHolder === null ? null : ($this->findsHolder)($id);
        }

        return $this->holders[$id];
    }

    private function place(string $id): ?Surroundings
    {
        if (! array_key_exists($id, $this->places)) {
            $this->places[$id] = $this->findsPlace === null ? null : ($this->findsPlace)($id);
        }

        return $this->places[$id];
    }

    private function within(Holder $holder): Surroundings
    {
        if (isset($this->open[$holder->id])) {
            return Surroundings::still(self::nowhere());
        }
        if (! isset($this->within[$holder->id])) {
            $this->open[$holder->id] = true;
            $stretches = [$this->inIt($holder, new Stretch(null, self::nowhere(), false, [], null), null)];
            foreach ($holder->moves as $i => $move) {
                $around = $this->around($move['placed']->placeId, $move['placed']->inside) ?? Surroundings::still(self::nowhere());
                $next = $holder->moves[$i + 1]['at'] ?? null;
                $stretches[] = $this->inIt($holder, $around->at($move['at']), $move['at']);
                foreach ($around->changes($move['at'], $next) as $change) {
                    if ($next === null || $change->from < $next) {
                        $stretches[] = $this->inIt($holder, $change, $change->from);
                    }
                }
            }
            unset($this->open[$holder->id]);
            $this->within[$holder->id] = new Surroundings($stretches);
        }

        return $this->within[$holder->id];
    }

    private function inIt(Holder $holder, Stretch $around, ?\DateTimeImmutable $from): Stretch
    {
        return new Stretch($from, $around->air, $around->isShut || $holder->kind->isTight(), [...$around->path, $holder->name], $around->placeId, $around->warming + $holder->kind->warmingMinutes());
    }

    private static function placedAt(Holder $holder, \DateTimeImmutable $at): ?Placed
    {
        $placed = null;
        foreach ($holder->moves as $move) {
            if ($move['at'] <= $at) {
                $placed = $move['placed'];
            }
        }

        return $placed;
    }

    private static function nowhere(): StoredAt
    {
        return new StoredAt('nobody knows where', self::NOWHERE[0], self::NOWHERE[1], false);
    }
}
