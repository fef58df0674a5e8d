<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Cellar;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Cleaning\CleaningStrand;
use Marrow\Core\Steps\Stock\StockStrand;
use Marrow\Core\Steps\Storing\StoringStrand;
use Marrow\Core\Work\Later;
use Marrow\Core\Work\Loss;
use Marrow\Core\Work\Offer;
use Marrow\Core\Work\Place;
use Marrow\Core\Work\Task;
use Marrow\Core\Work\Whereabouts;

/** What is kept alive in store until it is planted: looked over as long as it lies there, and chosen by how it kept. */
final class CellarStrand extends Strand
{
    /** Days from one look to the next; sooner after one that found much rotten, for it spreads. General practice: once a month. */
    public const EVERY = 28;

    public const SOONER = 14;

    /** Share of rotten from which the next look comes sooner. */
    private const MUCH = 0.05;

    /** @var list<array{at: \DateTimeImmutable, look: KeptLookedOver}> in the order of their days */
    public array $looks = [];

    /** How many there were before the first look; null where nobody knew. */
    public ?int $began = null;

    public function __construct(private readonly Crop $crop, private readonly Whereabouts $where, private readonly CleaningStrand $cleaning, private readonly StockStrand $stock, private readonly StoringStrand $storing) {}

    #[Takes]
    public function lookedOver(KeptLookedOver $look, Entry $entry): void
    {
        if (! $this->crop->isKeptAlive()) {
            throw Misfit::outOfPlace("{$this->crop->name} is kept by seed: it is tested, and what is there is counted.");
        }
        $this->cleaning->mustBeOut('looked over', $entry);
        $there = $this->stock->stock->seeds();
        $left = $look->left();
        if ($this->looks === []) {
            $this->began = $there === null ? ($left === null ? null : $left + $look->rotted()) : (int) round($there);
        }
        if ($left !== null) {
            if ($there !== null && ! $this->stock->stock->isRough() && $left + $look->rotted() > $there + 1e-6) {
                $this->doubt('sound', sprintf('By what is recorded there were %d; %d were looked over. Were some of another lot, or was something not written down?', (int) round($there), $left + $look->rotted()));
            }
            $this->stock->filled(null, $left);
        } elseif ($look->rotted() > 0 && $this->stock->stock->isKnown()) {
            $this->stock->takeSeeds($look->rotted(), 'rotten');
        }
        $this->looks[] = ['at' => $entry->happenedAt, 'look' => $look];
    }

    /** All that rotted in store so far, by the looks. */
    public function rotted(): int
    {
        return array_sum(array_map(static fn (array $one): int => $one['look']->rotted(), $this->looks));
    }

    public function last(): ?KeptLookedOver
    {
        return $this->looks === [] ? null : $this->looks[count($this->looks) - 1]['look'];
    }

    public static function taskKinds(): string
    {
        return CellarTask::class;
    }

    public function wants(): array
    {
        $since = $this->storing->since;
        if (! $this->lies() || $since === null) {
            return [];
        }
        $last = $this->last();
        $from = $this->looks === [] ? $since : $this->looks[count($this->looks) - 1]['at'];
        $best = Later::days($from, $this->isSpreading() ? self::SOONER : self::EVERY)->setTime(9, 0);

        return [new Task(CellarTask::LookOver, Place::Store, Later::days($best, -3), $best, Later::days($best, self::SOONER), Loss::Seed, [
            'rotten' => $last?->rotted() ?? 0,
            'spreading' => (int) $this->isSpreading(),
            'sprouted' => $last->sprouted ?? 0,
        ])];
    }

    public function offers(): array
    {
        return $this->lies() ? [Offer::of(KeptLookedOver::class, 6)] : [];
    }

    private function lies(): bool
    {
        return $this->crop->isKeptAlive() && $this->where->place === Place::Store && ! $this->stock->stock->isUsedUp();
    }

    /** Whether the last look found so much rotten that more is to be feared. */
    private function isSpreading(): bool
    {
        $last = $this->last();
        $left = $last?->left();

        return $last !== null && $last->rotted() > 0 && ($left === null || $last->rotted() >= self::MUCH * ($left + $last->rotted()));
    }
}
