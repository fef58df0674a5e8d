<?php

declare(strict_types=1);

namespace Marrow\Core\Course;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Drying\Equilibrium;
use Marrow\Core\Drying\Moisture;
use Marrow\Core\InvalidFigure;
use Marrow\Core\Journal\EntryRefused;
use Marrow\Core\Journal\Payload\JarRead;
use Marrow\Core\Journal\Payload\Spread;

/**
 * The drying of a lot. Its dry matter never changes, so one moisture that is known (a starting moisture, or the RH
 * that a closed jar settles to) gives the moisture at every weighing.
 */
final class DryingCourse
{
    /** Losing less than this share of its weight a day, seed has come into balance with the room. */
    public const STEADY_LOSS_A_DAY = 0.005;

    /** Two weighings closer than this say nothing about a trend. */
    private const STEADY_HOURS = 20;

    public ?\DateTimeImmutable $spreadAt = null;

    /** @var list<array{at: \DateTimeImmutable, mass: float}> */
    private array $weighings = [];

    /** g without water, of what is weighed; null until a moisture is known */
    private ?float $dryMatter = null;

    private ?float $readMoisture = null;

    public ?MoistureBasis $basis = null;

    public ?\DateTimeImmutable $moistureKnownAt = null;

    /** Share, of the last closed-jar reading. */
    public ?float $jarRh = null;

    public function __construct(private readonly Crop $crop) {}

    /** @throws EntryRefused */
    public function spread(Spread $spread, \DateTimeImmutable $at): void
    {
        if ($spread->moisture !== null && $spread->massG === null) {
            throw EntryRefused::at('mass_g', 'A starting moisture needs the mass it belongs to: weigh the seed as it is spread.');
        }
        // Spread again, as after a damp jar: a new course begins.
        $this->spreadAt = $at;
        $this->weighings = [];
        $this->forgetMoisture();
        if ($spread->massG !== null) {
            $this->weighings[] = ['at' => $at, 'mass' => $spread->massG];
            if ($spread->moisture !== null) {
                $this->dryMatter = $spread->massG * (100.0 - $spread->moisture) / 100.0;
                $this->basis = MoistureBasis::StartingMoisture;
                $this->moistureKnownAt = $at;
            }
        }
    }

    /** @throws EntryRefused */
    public function weighed(float $mass, \DateTimeImmutable $at): void
    {
        if ($this->spreadAt === null) {
            throw EntryRefused::outOfPlace('Spread the seed to dry first; its weighings belong to the racks.');
        }
        if ($this->dryMatter !== null && $mass <= $this->dryMatter) {
            throw EntryRefused::at('mass_g', sprintf(
                'It cannot weigh %s g: by the moisture you gave, its dry matter alone is %s g. Was seed taken out, or was the starting moisture lower?',
                Show::grams($mass),
                Show::grams($this->dryMatter),
            ));
        }
        $first = $this->weighings[0]['mass'] ?? null;
        if ($first !== null && $mass > $first * 1.25) {
            throw EntryRefused::at('mass_g', sprintf(
                'Drying seed gets lighter: it weighed %s g when it was spread, so %s g looks like a slip or another lot.',
                Show::grams($first),
                Show::grams($mass),
            ));
        }
        $this->weighings[] = ['at' => $at, 'mass' => $mass];
    }

    /** @throws EntryRefused */
    public function jarRead(JarRead $read, \DateTimeImmutable $at): void
    {
        try {
            $this->readMoisture = Equilibrium::moisture($read->rh / 100.0, $read->temperatureC, $this->crop->oil);
        } catch (InvalidFigure $e) {
            throw EntryRefused::at($e->figure === 'rh' ? 'rh' : 'temperature_c', $e->getMessage());
        }
        $this->jarRh = $read->rh / 100.0;
        $this->basis = MoistureBasis::JarRh;
        $this->moistureKnownAt = $at;
        $last = $this->lastMass();
        $this->dryMatter = $last === null ? null : $last * (100.0 - $this->readMoisture) / 100.0;
    }

    /** Seed was taken out between two weighings: its share of the dry matter goes with it. */
    public function taken(float $mass): void
    {
        $last = $this->lastMass();
        if ($last === null || $mass >= $last) {
            return;
        }
        $share = 1.0 - $mass / $last;
        $this->dryMatter = $this->dryMatter === null ? null : $this->dryMatter * $share;
        $at = $this->weighings[count($this->weighings) - 1]['at'];
        $this->weighings[count($this->weighings) - 1] = ['at' => $at, 'mass' => $last * $share];
    }

    /** @return list<Weighing> */
    public function weighings(): array
    {
        return array_map(fn (array $weighing): Weighing => new Weighing(
            $weighing['at'],
            $weighing['mass'],
            $this->dryMatter === null ? null : 100.0 * (1.0 - $this->dryMatter / $weighing['mass']),
        ), $this->weighings);
    }

    public function lastMass(): ?float
    {
        return $this->weighings === [] ? null : $this->weighings[count($this->weighings) - 1]['mass'];
    }

    public function lastWeighedAt(): ?\DateTimeImmutable
    {
        return $this->weighings === [] ? null : $this->weighings[count($this->weighings) - 1]['at'];
    }

    /** Per cent of wet mass as last known, from the last weighing or the jar itself. */
    public function moisture(): ?float
    {
        $last = $this->lastMass();
        if ($this->dryMatter !== null && $last !== null) {
            return 100.0 * (1.0 - $this->dryMatter / $last);
        }

        return $this->readMoisture;
    }

    /** g at which the seed may be jarred; null while no moisture is known */
    public function targetMass(): ?float
    {
        $moisture = $this->moisture();
        $last = $this->lastMass();
        if ($moisture === null || $last === null || $moisture < Moisture::MIN || $moisture > Moisture::MAX) {
            return null;
        }

        return $this->crop->jarMoisture === null ? null : Moisture::targetMass($last, $moisture, $this->crop->jarMoisture);
    }

    public function verdict(): DryingVerdict
    {
        $moisture = $this->moisture();

        return match (true) {
            $this->crop->jarMoisture === null => DryingVerdict::MustNotDry,
            // To the tenth of a per cent, as it is shown: no scale in a kitchen knows better.
            $moisture !== null => round($moisture, 1) <= $this->crop->jarMoisture ? DryingVerdict::DryEnough : DryingVerdict::Drying,
            $this->spreadAt === null => DryingVerdict::NotSpread,
            $this->isSteady() => DryingVerdict::Steady,
            default => DryingVerdict::Drying,
        };
    }

    /** Whether the last two weighings differ by less than the steady loss a day. */
    public function isSteady(): bool
    {
        $n = count($this->weighings);
        if ($n < 2) {
            return false;
        }
        [$before, $last] = [$this->weighings[$n - 2], $this->weighings[$n - 1]];
        $hours = ($last['at']->getTimestamp() - $before['at']->getTimestamp()) / 3600;
        if ($hours < self::STEADY_HOURS) {
            return false;
        }

        return ($before['mass'] - $last['mass']) / $before['mass'] / ($hours / 24) < self::STEADY_LOSS_A_DAY;
    }

    private function forgetMoisture(): void
    {
        $this->dryMatter = null;
        $this->readMoisture = null;
        $this->basis = null;
        $this->moistureKnownAt = null;
        $this->jarRh = null;
    }
}
