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

    /** @var array<string, array<int, bool>> whether each move of a container can be, by its id */
    private array $canBe = [];

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

    /**
     * Whether one container lay in another at a time, through however many between.
     *
     * @param  ?string  $order  of an entry of that moment: what was recorded for the same moment and stands behind it is not regarded
     */
    public function isWithin(string $id, string $other, \DateTimeImmutable $at, ?string $order = null): bool
    {
        for ($now = $id; $now !== $other; $now = $move->placed->inside) {
            $move = $this->lastMove($now, $at, $order);
            if ($move?->placed->inside === null) {
                return false;
            }
        }

        return true;
    }

    /** Where a container was put last, up to and with a moment. */
    public function lastMove(string $id, ?\DateTimeImmutable $at = null, ?string $order = null): ?Move
    {
        $moves = $this->holder($id)->moves ?? [];
        for ($i = count($moves) - 1; $i >= 0; $i--) {
            if (($at === null || $moves[$i]->isBefore($at, $order)) && $this->canBe($id, $i)) {
                return $moves[$i];
            }
        }

        return null;
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
        return $this->within[$holder->id] ??= new Surroundings([
            $this->inIt($holder, self::lost(), null),
            ...array_map(fn (\DateTimeImmutable $at): Stretch => $this->inItAt($holder, $at), $this->changes($holder, null, null)),
        ]);
    }

    /** What lay around what was in a container at a moment. */
    private function inItAt(Holder $holder, \DateTimeImmutable $at): Stretch
    {
        $placed = $this->lastMove($holder->id, $at)?->placed;
        $outer = $placed?->inside === null ? null : $this->holder($placed->inside);

        return $this->inIt($holder, match (true) {
            $outer !== null => $this->inItAt($outer, $at),
            $placed?->placeId !== null => $this->place($placed->placeId)?->at($at) ?? self::lost(),
            default => self::lost(),
        }, $at);
    }

    /**
     * When it may have changed what lies around what is in a container: its own moves, and what became meanwhile of what it lay in.
     * Only what happened while it lay there is asked for, so that two which lay in one another at different times end.
     *
     * @return list<\DateTimeImmutable> each once, in order
     */
    private function changes(Holder $holder, ?\DateTimeImmutable $from, ?\DateTimeImmutable $until): array
    {
        $moves = array_values(array_filter($holder->moves, fn (int $i): bool => $this->canBe($holder->id, $i), ARRAY_FILTER_USE_KEY));
        $changes = [];
        foreach ($moves as $i => $move) {
            $end = $moves[$i + 1]->at ?? null;
            $ends = $until === null || $end !== null && $end < $until ? $end : $until;
            if ($until !== null && $move->at >= $until || $from !== null && $end !== null && $end <= $from) {
                continue;
            }
            $begins = $from === null ? $move->at : max($from, $move->at);
            if ($from === null || $move->at > $from) {
                $changes[] = $move->at;
            }
            $outer = $move->placed->inside === null ? null : $this->holder($move->placed->inside);
            $around = $outer === null && $move->placed->placeId !== null ? $this->place($move->placed->placeId)?->changes($begins, $ends) ?? [] : [];
            array_push($changes, ...($outer === null ? [] : $this->changes($outer, $begins, $ends)), ...array_filter(array_map(
                static fn (Stretch $stretch): ?\DateTimeImmutable => $ends === null || $stretch->from < $ends ? $stretch->from : null,
                $around,
            )));
        }
        usort($changes, static fn (\DateTimeImmutable $a, \DateTimeImmutable $b): int => $a <=> $b);

        return array_values(array_filter($changes, static fn (\DateTimeImmutable $at, int $i): bool => $i === 0 || $changes[$i - 1] != $at, ARRAY_FILTER_USE_BOTH));
    }

    /** Whether a move can be: nothing can be put into what lay in it at that time. It rests on what happened before it alone, so that this ends. */
    private function canBe(string $id, int $i): bool
    {
        if (! isset($this->canBe[$id][$i])) {
            $move = $this->holder($id)->moves[$i] ?? null;
            $inside = $move?->placed->inside;
            $this->canBe[$id][$i] = $move === null || $inside === null || $inside !== $id && ! $this->isWithin($inside, $id, $move->at, $move->order);
        }

        return $this->canBe[$id][$i];
    }

    private function inIt(Holder $holder, Stretch $around, ?\DateTimeImmutable $from): Stretch
    {
        return new Stretch($from, $around->air, $around->isShut || $holder->kind->isTight(), [...$around->path, $holder->name], $around->placeId, $around->warming + $holder->kind->warmingMinutes());
    }

    /** Around what nobody has said a place of. */
    private static function lost(): Stretch
    {
        return new Stretch(null, self::nowhere(), false, [], null);
    }

    private static function nowhere(): StoredAt
    {
        return new StoredAt('nobody knows where', self::NOWHERE[0], self::NOWHERE[1], false);
    }
}
