<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Treating;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\HotWater;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Steps\Drying\JarRead;
use Marrow\Core\Steps\Drying\Spread;
use Marrow\Core\Steps\Stock\StockStrand;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\Whereabouts;

/** What was done to the seed of a lot against disease, and what it cost the seed. */
final class TreatingStrand extends Strand
{
    /** Of a crop for which no bath is usual: that of the cabbages. */
    private const USUAL = [50.0, 20];

    /** °C above the usual from which it is asked whether that is right. */
    private const TOO_HOT = 2.0;

    /** @var list<Bath> in the order of the days */
    public array $baths = [];

    /** Since when it is wet from its bath; null once it was spread, or a jar was read. */
    private ?\DateTimeImmutable $wetSince = null;

    public function __construct(
        private readonly Crop $crop,
        private readonly Whereabouts $where,
        private readonly CleaningStrand $cleaning,
        private readonly StockStrand $stock,
    ) {}

    #[Takes]
    public function bathed(Bathed $bathed, Entry $entry): void
    {
        $this->cleaning->mustBeOut('bathed', $entry);
        $usual = $this->usual();
        if ($bathed->temperatureC > $usual->temperature + self::TOO_HOT || $bathed->minutes > 2 * $usual->minutes) {
            $this->doubt('temperature_c', sprintf('%s °C for %d minutes is usual; hotter or longer kills seed.', round($usual->temperature), $usual->minutes));
        }
        $this->baths[] = Bath::of($entry->happenedAt, $bathed, $usual);
        $this->wetSince = $entry->happenedAt;
    }

    #[Takes]
    public function spread(Spread $spread): void
    {
        $this->wetSince = null;
    }

    /** What it shows in a jar says how moist it is; it no longer is as it came from the water. */
    #[Takes]
    public function jarRead(JarRead $read): void
    {
        $this->wetSince = null;
    }

    /** Whether it came from the water and was not spread since. */
    public function isWet(): bool
    {
        return $this->wetSince !== null;
    }

    public static function taskKinds(): string
    {
        return TreatingTask::class;
    }

    public function wants(): array
    {
        return $this->wetSince === null || $this->stock->stock->isUsedUp() ? [] : [
            new Task(TreatingTask::DryBathed, $this->where->place, $this->wetSince, $this->wetSince, Later::hours($this->wetSince, 12), Loss::Seed),
        ];
    }

    public function offers(): array
    {
        $usual = $this->crop->health->hotWater();
        if ($usual === null || ! $this->cleaning->isOut() || $this->stock->stock->isUsedUp()) {
            return [];
        }

        return [Offer::of(Bathed::class, 70)->usually('temperature_c', $usual->temperature)->usually('minutes', $usual->minutes)];
    }

    private function usual(): HotWater
    {
        return $this->crop->health->hotWater() ?? new HotWater(...self::USUAL);
    }
}
