<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\InvalidFigure;
use Marrow\Core\Isolation\IsolationDistances;
use Marrow\Core\Storage\ViabilityConstants;

/** One crop of the reference: what a keeper of its seed needs to know. */
final readonly class Crop
{
    /**
     * @param  string  $key  stable name in files and addresses
     * @param  float  $outcrossingLow  share of seed with foreign pollen, ordinary range
     * @param  float  $adjacentShare  share of off-type seed to expect with another variety next to it, 0 … 1
     * @param  list<PollenCarrier>  $carriers
     * @param  IsolationDistances  $distances  m
     * @param  list<CrossingPartner>  $partners  other species it crosses with
     * @param  float  $jarMoisture  per cent of wet mass at or below which the seed may be closed in tight
     * @param  string  $drynessSign  what dry seed does under the hand
     * @param  float  $maxDryingTemperature  °C
     * @param  float  $tsmLow  g per thousand seeds, ordinary range
     * @param  float  $oil  share of dry mass
     * @param  float  $ordinaryYears  in a house cupboard, until too little comes up
     * @param  list<Caution>  $cautions
     * @param  array<string, string>  $sources  figure => where it comes from
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $latin,
        public string $family,
        public LifeCycle $lifeCycle,
        public BreedingSystem $breeding,
        public float $outcrossingLow,
        public float $outcrossingHigh,
        public float $adjacentShare,
        public array $carriers,
        public IsolationDistances $distances,
        public array $partners,
        public CleaningWay $cleaning,
        public string $cleaningNote,
        public Ripening $ripening,
        public float $jarMoisture,
        public string $drynessSign,
        public float $maxDryingTemperature,
        public float $tsmLow,
        public float $tsmHigh,
        public float $oil,
        public StorageBehaviour $storage,
        public float $ordinaryYears,
        private ?ViabilityConstants $published,
        public TestConditions $test,
        public array $cautions,
        public array $sources,
    ) {}

    /**
     * The constants its storage life is forecast with: published ones, else those its ordinary years give.
     *
     * @throws InvalidFigure never for a crop of the reference; its figures are checked when it is read
     */
    public function viability(): ViabilityConstants
    {
        return $this->published ?? ViabilityConstants::fromOrdinaryYears($this->ordinaryYears, $this->oil);
    }

    /** Genus and epithet: the unit that decides what crosses with what. */
    public function species(): string
    {
        return implode(' ', array_slice(explode(' ', str_replace('× ', '×', $this->latin)), 0, 2));
    }

    /** Middle of the ordinary thousand-seed masses, g: what is used until a sample of the lot has been weighed. */
    public function ordinaryTsm(): float
    {
        return sqrt($this->tsmLow * $this->tsmHigh);
    }

    public function isWetCleaned(): bool
    {
        return $this->cleaning !== CleaningWay::Thresh;
    }
}
