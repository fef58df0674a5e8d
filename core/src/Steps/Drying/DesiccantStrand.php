<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use DateTimeImmutable;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropName;
use Marrow\Core\Drying\DesiccantJar;
use Marrow\Core\Drying\DesiccantKind;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Settings\Practice;
use Marrow\Core\Steps\Stock\StockStrand;
use Marrow\Core\Steps\Storing\Stored;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\Whereabouts;

/** Seed that dries on in a closed jar with a desiccant: what is in with it, how far that takes it, and the account of its water. */
final class DesiccantStrand extends Strand
{
    /** Days after which a jar is looked into of which nobody can reckon. */
    private const LOOK_DAYS = 7;

    /** Share of what gel took by which the weighings may differ from it before that is said, and the least that a kitchen scale tells. */
    private const AGREES = 0.25;

    private const SCALE_G = 1.0;

    public ?DesiccantIn $in = null;

    public ?DateTimeImmutable $since = null;

    /** How far it goes with what is in there; null where the seed's weight and moisture, or the desiccant's weight, are not known. */
    public ?DesiccantJar $jar = null;

    /** g of water that came out in desiccants so far. */
    public float $taken = 0.0;

    /** @var ?array{float, float} g that the last desiccant took and that the seed lost by its weighings, where these do not agree */
    public ?array $disagree = null;

    /** g that the seed weighed as the desiccant went in. */
    private ?float $massIn = null;

    public function __construct(private readonly Crop $crop, private readonly Whereabouts $where, private readonly DryingStrand $drying, private readonly StockStrand $stock, private readonly Practice $practice) {}

    #[Takes]
    public function desiccantIn(DesiccantIn $in, Entry $entry): void
    {
        if (! $this->crop->bearsDrying()) {
            $this->doubt('desiccant', sprintf('Seed of %s dies when it dries.', $this->crop->name));
        }
        if ($this->where->place !== Place::Racks) {
            throw Misfit::outOfPlace('It does not lie on the racks, by what is recorded: spread it to dry first.');
        }
        if ($in->desiccant === DesiccantKind::Salt) {
            $this->doubt('desiccant', 'Salt takes up water only from air above 75 %, in which seed moulds: it dries nothing.');
        }
        if ($this->in === null && $this->drying->isStillWet($entry->happenedAt)) {
            $this->doubt('desiccant', 'It was wet less than three days ago: shut in so wet it moulds before gel has dried it. Let it dry in the air first.');
        }
        $this->in = $in;
        $this->since = $entry->happenedAt;
        $this->disagree = null;
        [$mass, $moisture] = [$this->drying->lastMass(), $this->drying->moisture()];
        $this->massIn = $this->drying->weighedAbout($entry->happenedAt);
        $this->jar = $mass === null || $moisture === null || $in->desiccantG === null || $moisture > 60.0 ? null : DesiccantJar::of($this->crop->balance, $mass, $moisture, $in->desiccant, $in->desiccantG, $in->held());
        if ($this->jar !== null && $this->jar->takes <= 0.0) {
            $this->doubt('desiccant_g', 'It is wetter than the seed: it would give water off. Dry it again first.');
        } elseif ($this->jar !== null && $this->jar->endsAt < $this->crop->leastMoisture) {
            $this->doubt('desiccant_g', sprintf('So much takes it to %s %%: below %s %% seed of %s is harmed. Take it out in time, or put in less.', Show::grams(round($this->jar->endsAt, 1)), Show::grams($this->crop->leastMoisture), CropName::inSentence($this->crop->name)));
        }
    }

    #[Takes]
    public function desiccantOut(DesiccantOut $out, Entry $entry): void
    {
        if ($this->in === null) {
            throw Misfit::outOfPlace('No desiccant is in with it, by what is recorded.');
        }
        $dry = $this->in->desiccantG;
        if ($out->desiccantG !== null && $dry !== null) {
            $took = $out->desiccantG - $dry * (1.0 + $this->in->held());
            if ($took < -self::SCALE_G) {
                $this->doubt('desiccant_g', sprintf('It went in at %s g, and a desiccant does not get lighter in a jar that is damper than itself: was some of it left in there?', Show::grams(round($dry * (1.0 + $this->in->held()), 1))));
            }
            $this->account($took, $entry->happenedAt);
        }
        // Neither weighed nor read since it went in, it is drier now than anybody knows.
        $known = max($this->drying->lastWeighedAt(), $this->drying->moistureKnownAt());
        if ($known === null || $this->since === null || $known <= $this->since) {
            $this->drying->driedUnseen();
        }
        $this->end();
    }

    /** Put away, it stands with what is in its jar; that is no drying any more. */
    #[Takes]
    public function stored(Stored $stored): void
    {
        $this->end();
    }

    #[Takes]
    public function spread(Spread $spread): void
    {
        $this->end();
        $this->taken = 0.0;
    }

    public static function taskKinds(): string
    {
        return DesiccantTask::class;
    }

    public function wants(): array
    {
        if ($this->in === null || $this->since === null || $this->where->place !== Place::Racks || $this->stock->stock->isUsedUp() || $this->drying->verdict() === DryingVerdict::DryEnough) {
            return [];
        }
        $looked = max($this->since, $this->drying->moistureKnownAt() ?? $this->since);
        $until = $this->crop->jarMoisture === null ? null : $this->jar?->until($this->crop->jarMoisture)[1] ?? null;
        $figures = ['grams' => $this->in->desiccantG, 'kind' => $this->in->desiccant->value, 'ends_at' => $this->jar?->endsAt, 'enough' => $this->crop->jarMoisture];
        if ($this->jar !== null && $until === null) {
            $at = Later::hours($this->since, DesiccantJar::spentAfter());

            return [new Task(DesiccantTask::Change, Place::Racks, Later::days($at, -1), $at, Later::days($at, 14), Loss::Nothing, $figures)];
        }
        $at = $until === null ? Later::days($looked, self::LOOK_DAYS) : max(Later::hours($this->since, $until), Later::days($looked, 1));

        return [new Task(DesiccantTask::LookIn, Place::Racks, Later::days($at, -1), $at, Later::days($at, 21), Loss::Nothing, $figures)];
    }

    public function offers(): array
    {
        if ($this->where->place !== Place::Racks || ! $this->crop->bearsDrying() || $this->stock->stock->isUsedUp()) {
            return [];
        }
        if ($this->in === null) {
            return [Offer::of(DesiccantIn::class, $this->practice->wordFor('dry_gel', $this->crop->key) === 'gel' || $this->drying->verdict() === DryingVerdict::Stopped ? 14 : 30)];
        }

        // What is due stands first.
        $changes = $this->jar !== null && $this->crop->jarMoisture !== null && $this->jar->until($this->crop->jarMoisture)[1] === null;

        return [Offer::of(DesiccantOut::class, $changes ? 9 : 7), Offer::of(DesiccantIn::class, $changes ? 7 : 13)->calledHere('Change the desiccant')];
    }

    /** What went out of the seed by the desiccant, and what by the scale. */
    private function account(float $took, DateTimeImmutable $at): void
    {
        $this->taken += max(0.0, $took);
        $now = $this->drying->lastMass();
        if ($this->massIn === null || $now === null) {
            return;
        }
        if ($this->drying->lastWeighedAt() <= $this->since) {
            // Nobody weighed it since: what the desiccant took is what it lost.
            $this->drying->lost($took, $at);

            return;
        }
        $lost = $this->massIn - $now;
        $this->disagree = abs($lost - $took) > max(self::SCALE_G, self::AGREES * max(abs($took), abs($lost))) ? [$took, $lost] : null;
    }

    private function end(): void
    {
        [$this->in, $this->since, $this->jar, $this->massIn] = [null, null, null, null];
    }
}
