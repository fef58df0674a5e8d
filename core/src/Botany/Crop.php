<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Drying\Balance;
use Marrow\Core\Drying\HandSign;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Storage\ViabilityConstants;

/** One crop of the reference: what a keeper of its seed needs to know. */
final readonly class Crop
{
    /** g a thousand; what is lighter is too small to be marked by a nail. */
    private const BIG = 50.0;

    private string $species;

    /** What moisture its seed settles to in air. */
    public Balance $balance;

    /**
     * @param  string  $key  stable name in files and addresses
     * @param  list<string>  $otherNames  common names beside the first; one may mean several crops
     * @param  string  $latin  genus and epithet
     * @param  ?string  $group  cultivar group within the species
     * @param  list<string>  $synonyms  Latin names that it also goes by
     * @param  list<PlantPart>  $eaten  empty for what is grown for its flowers
     * @param  ?Vegetative  $vegetative  how it is kept by a part of the plant; null where it is kept by seed alone
     * @param  float  $outcrossingLow  share of seed with foreign pollen, ordinary range
     * @param  float  $adjacentShare  share of off-type seed to expect with another variety next to it, 0 … 1
     * @param  list<PollenCarrier>  $carriers
     * @param  ?BagSetting  $setsInBag  what a bagged flower needs to set; null where it is not known
     * @param  ?HandPollination  $byHand  null where it is not done, or not known how
     * @param  ?CrossShows  $shows  whether a cross shows in the seed; null where it is not known
     * @param  IsolationDistances  $distances  m
     * @param  list<CrossingPartner>  $partners  other species it crosses with
     * @param  array<string, string>  $strangers  Latin name of what people think it crosses with => why not
     * @param  ?float  $jarMoisture  per cent of wet mass at or below which the seed may be closed in tight; null where it must not be dried
     * @param  ?float  $leastMoisture  per cent of wet mass below which it is harmed; null where nobody knows
     * @param  string  $drynessSign  what dry seed does under the hand
     * @param  list<DrynessTest>  $drynessTests  those that work for it
     * @param  float  $maxDryingTemperature  °C
     * @param  float  $tsmLow  g per thousand seeds, ordinary range
     * @param  int  $perPlantLow  seeds of one plant, ordinary range
     * @param  bool  $dust  so fine that it is sown like dust
     * @param  ?string  $lookAlikes  what people take for its seed
     * @param  SeedUnit  $unit  what is counted and sown
     * @param  ?array{int, int}  $germs  seedlings of one unit; null for one of each
     * @param  float  $oil  share of dry mass
     * @param  float  $ordinaryYears  in a house cupboard, until too little comes up
     * @param  list<string>  $goesWrong
     * @param  list<Caution>  $cautions
     * @param  array<string, Source>  $sources  figure or group of figures => where it comes from
     */
    public function __construct(
        public string $key,
        public string $name,
        public array $otherNames,
        public string $latin,
        public ?string $group,
        public string $family,
        public CropKind $kind,
        public array $synonyms,
        public array $eaten,
        public LifeCycle $lifeCycle,
        public KeptBy $keptBy,
        public ?string $keptByNote,
        public ?Vegetative $vegetative,
        public BreedingSystem $breeding,
        public float $outcrossingLow,
        public float $outcrossingHigh,
        public float $adjacentShare,
        public array $carriers,
        public bool $selfIncompatible,
        public bool $dioecious,
        public ?BagSetting $setsInBag,
        public ?string $breedingNote,
        public ?HandPollination $byHand,
        public ?CrossShows $shows,
        public IsolationDistances $distances,
        public array $partners,
        public array $strangers,
        public Parents $parents,
        public Growing $growing,
        public ?Winter $winter,
        public ?Selection $selection,
        public Cleaning $cleaning,
        public Ripening $ripening,
        public ?float $jarMoisture,
        public ?float $leastMoisture,
        public string $drynessSign,
        public array $drynessTests,
        public float $maxDryingTemperature,
        public float $tsmLow,
        public float $tsmHigh,
        public int $perPlantLow,
        public int $perPlantHigh,
        public bool $dust,
        public ?string $lookAlikes,
        public SeedUnit $unit,
        public ?array $germs,
        public ?SeedLook $look,
        public float $oil,
        public StorageBehaviour $storage,
        public float $ordinaryYears,
        public ?DampKeeping $damp,
        public SeedHealth $health,
        private ?ViabilityConstants $published,
        public TestConditions $test,
        public array $goesWrong,
        public array $cautions,
        public array $sources,
    ) {
        $this->species = implode(' ', array_slice(explode(' ', str_replace('× ', '×', $latin)), 0, 2));
        $this->balance = Balance::ofSpecies($this->species, $oil);
    }

    /** Whether the seed bears being dried and kept; else it is sown at once or kept damp. */
    public function bearsDrying(): bool
    {
        return $this->storage === StorageBehaviour::Orthodox;
    }

    /**
     * What the hand can try on it: what its kind answers to, and what any heap of seed does. A thumbnail, and an ear for its rattle, want
     * seed of some size; what is smaller is poured.
     *
     * @return list<HandSign>
     */
    public function handSigns(): array
    {
        if (! $this->bearsDrying()) {
            return [];
        }
        $isBig = $this->tsmHigh >= self::BIG;

        return [
            ...array_values(array_filter(array_map(static fn (DrynessTest $test): ?HandSign => $test->byHand(), $this->drynessTests))),
            HandSign::SunJar,
            ...($isBig ? [HandSign::Thumbnail, HandSign::Rattles] : [HandSign::Runs]),
        ];
    }

    /**
     * The constants its storage life is forecast with: published ones, else those its ordinary years give.
     *
     * @throws InvalidFigure for seed that does not bear drying: the equation does not hold for it
     */
    public function viability(): ViabilityConstants
    {
        if (! $this->bearsDrying()) {
            throw InvalidFigure::because('crop', sprintf(
                '%s does not bear drying, so the storage equation does not hold for it: sow it fresh.',
                $this->name,
            ));
        }

        return $this->published ?? ViabilityConstants::fromOrdinaryYears($this->ordinaryYears, $this->test->minimum, $this->balance);
    }

    public function title(): CropTitle
    {
        return new CropTitle($this->key, $this->name, $this->otherNames, $this->latin, $this->synonyms, $this->group, $this->family, $this->kind, $this->lifeCycle, $this->breeding, $this->outcrossingLow, $this->outcrossingHigh, $this->unit, $this->counts(), $this->look, $this->lookAlikes, $this->jarMoisture, $this->ordinaryYears, $this->test->minimum, $this->test->lastCount);
    }

    /** Share of its seed that has foreign pollen, the middle of what is ordinary, 0 … 1. */
    public function outcrossing(): float
    {
        return ($this->outcrossingLow + $this->outcrossingHigh) / 2.0;
    }

    /** Genus and epithet: the unit that decides what crosses with what. */
    public function species(): string
    {
        return $this->species;
    }

    /** Middle of the ordinary thousand-seed masses, g: what is used until a sample of the lot has been weighed. */
    public function ordinaryTsm(): float
    {
        return sqrt($this->tsmLow * $this->tsmHigh);
    }

    /**
     * Seed that a plant usually bears: how many by what a thousand weigh, least by least and most by most.
     *
     * @return ?array{float, float} g; null of what is not kept by seed, or where it is not known
     */
    public function seedOfAPlant(): ?array
    {
        $most = $this->perPlantHigh * $this->tsmHigh / 1000;

        return $this->isKeptAlive() || $most <= 0.0 ? null : [$this->perPlantLow * $this->tsmLow / 1000, $most];
    }

    /** Whether it is eaten before it flowers, so that a food planting need not bloom at all. */
    public function isEatenBeforeBloom(): bool
    {
        return $this->eaten !== [] && array_all($this->eaten, static fn (PlantPart $part): bool => $part->isGatheredBeforeBloom());
    }

    /** Whether what is kept is a part of the plant and no seed: a tuber, a clove. */
    public function isKeptAlive(): bool
    {
        return $this->storage === StorageBehaviour::Living;
    }

    /** What is counted of it: a bean is a seed, a clove is not. */
    public function counts(): SeedUnit
    {
        return $this->isKeptAlive() ? $this->unit : SeedUnit::Seed;
    }

    /** Where a figure comes from: what is said of it, or of the group that it belongs to. */
    public function source(string $path): ?Source
    {
        for ($at = $path; $at !== ''; $at = substr($at, 0, (int) strrpos($at, '.'))) {
            if (isset($this->sources[$at])) {
                return $this->sources[$at];
            }
        }

        return $this->sources['everything'] ?? null;
    }

    /** Whether foreign pollen comes on the wind too: nothing but what is pollen-tight keeps it out. */
    public function isWindBorne(): bool
    {
        return in_array(PollenCarrier::Wind, $this->carriers, true);
    }

    /**
     * Whether flowers that are bagged can be made to set seed: by themselves, shaken, or by somebody's hand. Of what the
     * wind pollinates only where it is known; nobody pollinates the florets of a beet by hand.
     */
    public function setsBagged(): bool
    {
        return $this->byHand !== null || ($this->setsInBag === null ? ! $this->isWindBorne() : $this->setsInBag !== BagSetting::No);
    }

    /** Whether hands are wanted where neither insects nor wind come: everything but what is known to set alone. */
    public function wantsHandsInBag(): bool
    {
        return $this->setsBagged() && $this->setsInBag !== BagSetting::Alone;
    }

    public function isWetCleaned(): bool
    {
        return $this->cleaning->way !== CleaningWay::Thresh;
    }
}
