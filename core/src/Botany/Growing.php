<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** A seed crop in the ground, in a cool temperate garden: where it stands and how long each step takes. */
final readonly class Growing
{
    /**
     * @param  float  $spacing  m between seed plants, either way
     * @param  non-empty-list<Sowing>  $sowings  the usual one first
     * @param  int  $bloomMin  days that a planting blooms
     * @param  int  $bloomToRipeMin  days from a flower to its ripe seed
     * @param  ?string  $support  stakes, strings; null where it needs none
     * @param  ?string  $nets  against birds, or for insects
     * @param  ?array{float, float}  $height  m, of the plant in seed
     * @param  ?array{float, float}  $fruitSet  °C: the coldest night and the hottest day at which fruit sets
     * @param  ?string  $host  what it lives on
     * @param  ?BloomLight  $light  null where it does not go by the length of the day, or Marrow does not know it to
     */
    public function __construct(
        public float $spacing,
        public array $sowings,
        public int $bloomMin,
        public int $bloomMax,
        public int $bloomToRipeMin,
        public int $bloomToRipeMax,
        public bool $frostTender,
        public ?string $support,
        public ?string $nets,
        public ?array $height = null,
        public ?array $fruitSet = null,
        public ?string $host = null,
        public ?BloomLight $light = null,
    ) {}

    /** @throws UnsoundCrop */
    public static function read(CropFigures $figures): self
    {
        [$bloomMin, $bloomMax] = $figures->knownRange('growing.bloom_days');
        [$ripeMin, $ripeMax] = $figures->knownRange('growing.bloom_to_ripe');
        $sowings = [];
        foreach (array_keys($figures->list('growing.sowings')) as $i) {
            $sowings[] = Sowing::read($figures, "growing.sowings.$i");
        }

        return new self(
            $figures->known('growing.spacing'),
            $sowings === [] ? throw $figures->unsound('growing.sowings', 'at least one is needed') : $sowings,
            (int) $bloomMin,
            (int) $bloomMax,
            (int) $ripeMin,
            (int) $ripeMax,
            $figures->flag('growing.frost_tender'),
            $figures->textOr('growing.support', null),
            $figures->textOr('growing.nets', null),
            $figures->rangeOr('growing.height', 0.02, 15),
            $figures->rangeOr('growing.fruit_set', -5, 45),
            $figures->textOr('growing.host', null),
            BloomLight::read($figures),
        );
    }

    /** The sowing that a day belongs to: the one whose months it lies in, or lies nearest to. */
    public function sowingOn(\DateTimeImmutable $day): Sowing
    {
        $nearest = $this->sowings[0];
        foreach ($this->sowings as $sowing) {
            $nearest = $sowing->distance($day) < $nearest->distance($day) ? $sowing : $nearest;
        }

        return $nearest;
    }

    /** Days that it usually blooms, the middle. */
    public function bloomDays(): int
    {
        return intdiv($this->bloomMin + $this->bloomMax, 2);
    }

    /** Days from flower to ripe seed, the middle. */
    public function ripeDays(): int
    {
        return intdiv($this->bloomToRipeMin + $this->bloomToRipeMax, 2);
    }
}
