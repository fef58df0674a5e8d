<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use DateTimeImmutable;
use Marrow\Core\Drying\Balance;
use Marrow\Core\Drying\Evidence;
use Marrow\Core\Drying\MoistureReading;
use Marrow\Core\Drying\OpenCourse;
use Marrow\Core\Drying\SignResult;
use Marrow\Core\Drying\Witness;
use Marrow\Core\Work\Later;

/**
 * What is known of how damp seed is: what was read last, with what it weighed then, and what the hand found. Its dry matter never
 * changes, so that what was read once goes with every weighing.
 */
final class Dampness
{
    /** Days within which two findings are of the same seed, as dry as it was. */
    private const TOGETHER = 3;

    private ?MoistureReading $read = null;

    /** g that it weighed as it was read; null where nobody weighed it */
    private ?float $readMass = null;

    public ?DateTimeImmutable $readAt = null;

    /** @var list<MoistureReading> what else was read about then, of the same seed */
    private array $beside = [];

    /** @var array<string, array{SignResult, DateTimeImmutable}> what each sign said last */
    private array $signs = [];

    public function __construct(private readonly Balance $balance) {}

    public function by(): ?Witness
    {
        return $this->read?->by;
    }

    /** Share, as it was read in a jar; null of a weight, and of a card that only says a limit. */
    public function readRh(): ?float
    {
        return $this->read?->rh;
    }

    public function forget(): void
    {
        [$this->read, $this->readMass, $this->readAt, $this->beside, $this->signs] = [null, null, null, [], []];
    }

    /** @param  ?float  $mass  g that it weighs, as far as is known */
    public function read(MoistureReading $reading, ?float $mass, DateTimeImmutable $at): void
    {
        $isTogether = $this->readAt !== null && $at <= Later::days($this->readAt, self::TOGETHER);
        if ($reading->by === Witness::RoughJar && $isTogether && $this->read !== null && $this->read->by !== Witness::RoughJar) {
            // What says less does not take the place of what says more.
            $this->beside[] = $reading;

            return;
        }
        $now = $this->reading($mass);
        $this->beside = $now !== null && $isTogether ? [$now] : [];
        [$this->read, $this->readMass, $this->readAt] = [$reading, $mass, $at];
    }

    /**
     * It was weighed soon after it was read, which nobody had done before.
     *
     * @param  float  $mass  g
     */
    public function weighedThen(float $mass): void
    {
        $this->readMass ??= $this->read === null ? null : $mass;
    }

    public function tried(SignResult $result, DateTimeImmutable $at): void
    {
        $this->signs[$result->sign()->value] = [$result, $at];
    }

    /** Some was taken out: what is left weighed so much less then. */
    public function shrunk(float $share): void
    {
        $this->readMass = $this->readMass === null ? null : $this->readMass * $share;
    }

    /**
     * @param  ?float  $mass  g that it weighs now
     * @return ?MoistureReading what was read, as it is now
     */
    public function reading(?float $mass): ?MoistureReading
    {
        return $this->read === null || $this->readMass === null || $mass === null || $mass === $this->readMass ? $this->read : $this->read->after($this->readMass, $mass);
    }

    /** @return ?float g without water; null until it was read and weighed */
    public function dryMatter(): ?float
    {
        return $this->read === null || $this->readMass === null ? null : $this->readMass * (100.0 - $this->read->counted()) / 100.0;
    }

    public function triedAt(): ?DateTimeImmutable
    {
        return $this->signs === [] ? null : max(array_column($this->signs, 1));
    }

    /** @return list<SignResult> what the hand found last, and shortly before that */
    public function signs(): array
    {
        $last = $this->triedAt();

        return $last === null ? [] : array_values(array_map(
            static fn (array $sign): SignResult => $sign[0],
            array_filter($this->signs, static fn (array $sign): bool => $sign[1] >= Later::days($last, -self::TOGETHER)),
        ));
    }

    /**
     * All of it weighed together; null while nobody read or tried anything.
     *
     * @param  ?float  $mass  g that it weighs now
     * @param  ?OpenCourse  $air  as it lies; null where that tells nothing
     * @param  ?DateTimeImmutable  $since  when it began to dry
     */
    public function evidence(?float $mass, ?OpenCourse $air, ?DateTimeImmutable $since): ?Evidence
    {
        $reading = $this->reading($mass);
        $tried = $this->triedAt();
        $guesses = static fn (?DateTimeImmutable $at): ?array => $air === null || $since === null || $at === null || $at < $since ? null : $air->guesses(($at->getTimestamp() - $since->getTimestamp()) / 3600);
        if ($reading === null) {
            return $tried === null ? null : Evidence::guessed($this->balance, $this->signs(), $guesses($tried));
        }
        $isTogether = $tried !== null && $this->readAt !== null && $tried >= Later::days($this->readAt, -self::TOGETHER) && $tried <= Later::days($this->readAt, self::TOGETHER);

        return Evidence::read($this->balance, $reading, $this->beside, $isTogether ? $this->signs() : [], $air?->isAirKnown === true ? $guesses($this->readAt) : null);
    }
}
