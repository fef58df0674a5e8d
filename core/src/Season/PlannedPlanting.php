<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Botany\Crop;

/** A planting as it is planned: what, where, how many, when, what for, and how it is kept apart. */
final readonly class PlannedPlanting
{
    public const MOST_PLANTS = 100_000;

    /** m */
    private const SMALLEST_SIDE = 0.05;

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
     * @param  string  $lot  code of the lot that is to be sown; may be empty
     * @param  string  $code  code of the planting it became; may be empty
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
        public string $lot,
        public string $code,
    ) {}

    /**
     * @param  \Closure(string, string=): ?Crop  $crop  by its key and the variety's id
     *
     * @throws PlanRefused
     */
    public static function read(PlanFields $fields, Ground $ground, \Closure $crop): self
    {
        $key = $fields->text('crop', 'The crop');
        $known = $crop($key, $fields->optionalText('variety', 'The variety')) ?? throw $fields->refused('crop', "There is no crop \"$key\" in the handbook.");
        $purpose = $fields->one('purpose', 'what it is for', Purpose::class);
        $plants = $fields->whole('plants', 'The number of plants', 1, self::MOST_PLANTS);
        $spot = self::spot($fields->part('spot'), $plants, $known->growing->spacing);
        if (! $spot->isWithin($ground->area())) {
            throw $fields->refused('spot', sprintf('It lies outside the garden, which is %s by %s m.', self::show($ground->width), self::show($ground->depth)));
        }
        $sow = $fields->day('sow', 'The day of sowing');
        $plantOut = $fields->optionalDate('plant_out', 'The day of planting out');
        if ($plantOut !== null && $plantOut < $sow) {
            throw $fields->refused('plant_out', 'It cannot be planted out before it is sown.');
        }
        $first = $fields->optionalDate('first_bloom', 'The first bloom');
        $last = $fields->optionalDate('last_bloom', 'The last bloom');
        if ($first !== null && $first < $sow) {
            throw $fields->refused('first_bloom', 'It cannot bloom before it is sown.');
        }
        if ($last !== null && ($first === null || $last < $first)) {
            throw $fields->refused('last_bloom', $first === null ? 'Give the first bloom too.' : 'The last bloom cannot lie before the first.');
        }

        return new self(
            $fields->text('id', 'The id', 40),
            $known,
            $fields->text('variety', 'The variety', 80),
            $spot,
            $plants,
            $purpose,
            $sow,
            $plantOut,
            $first,
            $last,
            $fields->one('cover', 'how it is kept apart', Cover::class, Cover::Open),
            $purpose->isForSeed() || $fields->flag('flowers', true),
            $fields->flag('mixing'),
            $fields->flag('lifted'),
            $fields->flag('out'),
            $fields->has('allowed') ? $fields->number('allowed', 'The share of crossed seed put up with', 0.0001, 1, '') : null,
            $fields->has('seeds_wanted') ? $fields->number('seeds_wanted', 'The seeds wanted', 1, 100_000_000, '') : null,
            $fields->optionalText('lot', 'The lot', 20),
            $fields->optionalText('code', 'The planting', 20),
        );
    }

    /**
     * Its ground: as drawn, or where a side is not said, as much as the plants need. A bed's depth alone makes rows of that
     * depth, a depth of one spacing a single row.
     *
     * @param  float  $spacing  m
     *
     * @throws PlanRefused
     */
    private static function spot(PlanFields $fields, int $plants, float $spacing): Rectangle
    {
        $side = static fn (string $field, string $what): ?float => $fields->has($field) ? $fields->number($field, $what, self::SMALLEST_SIDE, Ground::FARTHEST, ' m') : null;

        return Rectangle::forPlants(
            $fields->number('x', 'Where it begins, from the left', -Ground::FARTHEST, Ground::FARTHEST, ' m'),
            $fields->number('y', 'Where it begins, from the top', -Ground::FARTHEST, Ground::FARTHEST, ' m'),
            $side('width', 'Its width'),
            $side('depth', 'Its depth'),
            $plants,
            $spacing,
        );
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
        return $this->crop->growing->frostTender && $this->outside() < $ground->lastFrostFrom($this->outside());
    }

    /** The same with other measures. */
    public function with(?Cover $cover = null, ?int $sowLater = null, ?Rectangle $spot = null, ?bool $out = null, ?bool $flowers = null, ?\DateTimeImmutable $firstBloom = null, ?\DateTimeImmutable $lastBloom = null): self
    {
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
            $this->sow->modify($later),
            $this->plantOut?->modify($later) ?: null,
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
            $this->code,
        );
    }

    private static function show(float $metres): string
    {
        return rtrim(rtrim(number_format($metres, 2, '.', ''), '0'), '.');
    }
}
