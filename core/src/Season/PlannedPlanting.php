<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Fields\Document;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;

/** A planting as it is planned: what, where, how many, when, what for, and how it is kept apart. */
final readonly class PlannedPlanting
{
    public const MOST_PLANTS = 100_000;

    /** m */
    public const SMALLEST_SIDE = 0.05;

    /**
     * @param  string  $id  made by whoever planned it
     * @param  string  $variety  id of the variety; plantings of one variety do not spoil one another
     * @param  Rectangle  $spot  where it blooms
     * @param  ?\DateTimeImmutable  $plantOut  null when it is sown where it stands
     * @param  ?\DateTimeImmutable  $firstBloom  as observed
     * @param  ?\DateTimeImmutable  $lastBloom  as observed
     * @param  bool  $flowers  whether a food planting will or may flower
     * @param  bool  $mixing  mixed on purpose: crossing is welcome
     * @param  bool  $lifted  lifted for the winter, sorted, stored and replanted
     * @param  bool  $out  left out this year
     * @param  ?float  $allowed  share of crossed seed that is put up with; null for that of the garden
     * @param  ?float  $seedsWanted  seeds to be harvested
     * @param  ?string  $lot  id of the lot that is to be sown
     * @param  ?string  $planting  id of the planting it became
     */
    private function __construct(
        public string $id,
        public Crop $crop,
        public string $variety,
        public Rectangle $spot,
        public int $plants,
        public Purpose $purpose,
        public \DateTimeImmutable $sow,
        public ?\DateTimeImmutable $plantOut,
        public ?\DateTimeImmutable $firstBloom,
        public ?\DateTimeImmutable $lastBloom,
        public Cover $cover,
        public bool $flowers,
        public bool $mixing,
        public bool $lifted,
        public bool $out,
        public ?float $allowed,
        public ?float $seedsWanted,
        public ?string $lot,
        public ?string $planting,
    ) {}

    /**
     * @param  \Closure(string, string=): ?Crop  $crop  by its key and the variety's id
     *
     * @throws Refused
     */
    public static function read(Document $document, Ground $ground, \Closure $crop): self
    {
        $given = $document->read(PlanFields::planting());
        $key = $given->text('crop');
        $known = $crop($key, $given->text('variety')) ?? throw $document->refused('crop', "There is no crop \"$key\" in the handbook.");
        $purpose = $given->one('purpose', Purpose::class);
        $at = $document->part('spot')->read(PlanFields::spot());
        $spot = Rectangle::forPlants($at->number('x'), $at->number('y'), $at->numberOr('width', null), $at->numberOr('depth', null), $given->integer('plants'), $known->growing->spacing);
        if (! $spot->isWithin($ground->area())) {
            throw $document->refused('spot', sprintf('It lies outside the garden, which is %s by %s m.', Field::show($ground->width), Field::show($ground->depth)));
        }
        $planting = new self(
            $given->text('id'),
            $known,
            $given->text('variety'),
            $spot,
            $given->integer('plants'),
            $purpose,
            $given->day('sow'),
            $given->dayOrNull('plant_out'),
            $given->dayOrNull('first_bloom'),
            $given->dayOrNull('last_bloom'),
            $given->one('cover', Cover::class),
            $purpose->isForSeed() || $given->flag('flowers'),
            $given->flag('mixing'),
            $given->flag('lifted'),
            $given->flag('out'),
            $given->numberOr('allowed', null),
            $given->numberOr('seeds_wanted', null),
            $given->has('lot') ? $given->text('lot') : null,
            $given->has('planting') ? $given->text('planting') : null,
        );
        $planting->checkDays($document);

        return $planting;
    }

    /** @throws Refused when its days cannot follow one another so */
    private function checkDays(Document $document): void
    {
        if ($this->plantOut !== null && $this->plantOut < $this->sow) {
            throw $document->refused('plant_out', 'It cannot be planted out before it is sown.');
        }
        if ($this->firstBloom !== null && $this->firstBloom < $this->sow) {
            throw $document->refused('first_bloom', 'It cannot bloom before it is sown.');
        }
        if ($this->lastBloom !== null && ($this->firstBloom === null || $this->lastBloom < $this->firstBloom)) {
            throw $document->refused('last_bloom', $this->firstBloom === null ? 'Give the first bloom too.' : 'The last bloom cannot lie before the first.');
        }
    }

    /** @return array<string, mixed> as read() reads it */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'crop' => $this->crop->key,
            'variety' => $this->variety,
            'spot' => $this->spot->toArray(),
            'plants' => $this->plants,
            'purpose' => $this->purpose->value,
            'sow' => $this->sow->format('Y-m-d'),
            'plant_out' => $this->plantOut?->format('Y-m-d'),
            'first_bloom' => $this->firstBloom?->format('Y-m-d'),
            'last_bloom' => $this->lastBloom?->format('Y-m-d'),
            'cover' => $this->cover->value,
            'flowers' => $this->flowers,
            'mixing' => $this->mixing,
            'lifted' => $this->lifted,
            'out' => $this->out,
            'allowed' => $this->allowed,
            'seeds_wanted' => $this->seedsWanted,
            'lot' => $this->lot,
            'planting' => $this->planting,
        ];
    }

    /** Whether its seed is to come true: a planting that is left out, or mixes on purpose, has nothing to lose. */
    public function isKeptTrue(): bool
    {
        return $this->purpose->isForSeed() && ! $this->mixing && ! $this->out;
    }

    /** The day from which it stands outside: sown under glass and planted out, or sown where it stands. */
    public function outside(): \DateTimeImmutable
    {
        return $this->plantOut ?? $this->sow;
    }

    /** Whether it does not bear frost and stands outside before the last one of spring. */
    public function standsInFrost(Ground $ground): bool
    {
        return $this->crop->growing->frostTender && $ground->frosts()->catches($this->outside());
    }

    /** The same with other measures. */
    public function with(?Cover $cover = null, ?int $sowLater = null, ?Rectangle $spot = null, ?bool $out = null, ?bool $flowers = null, ?\DateTimeImmutable $firstBloom = null, ?\DateTimeImmutable $lastBloom = null, ?\DateTimeImmutable $sownAt = null): self
    {
        $sow = $sownAt ?? $this->sow;
        $later = sprintf('%+d days', $sowLater ?? 0);
        // A last bloom that was planned cannot stand before a first one that was seen.
        $plannedLast = $firstBloom !== null && $this->lastBloom < $firstBloom ? null : $this->lastBloom;

        return new self(
            $this->id,
            $this->crop,
            $this->variety,
            $spot ?? $this->spot,
            $this->plants,
            $this->purpose,
            $sow->modify($later),
            $this->plantOut === null ? null : (max($sow, $this->plantOut)->modify($later) ?: null),
            $firstBloom ?? $this->firstBloom,
            $lastBloom ?? $plannedLast,
            $cover ?? $this->cover,
            $flowers ?? $this->flowers,
            $this->mixing,
            $this->lifted,
            $out ?? $this->out,
            $this->allowed,
            $this->seedsWanted,
            $this->lot,
            $this->planting,
        );
    }
}
