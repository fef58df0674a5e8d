<?php

declare(strict_types=1);

namespace App\Lineage;

use App\Models\Lot;
use Illuminate\Support\Facades\DB;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Population\SelfedLine;
use Marrow\Core\Statistics\Beta;

/** How far a line that splits has come: by its generation, and by how many of its plants were looked over and were alike. */
final readonly class HowStable
{
    /** Of what differed in the cross no more than this is still mixed in what may be called stable: a stated assumption. */
    public const MIXED = 0.05;

    /** No more than this of its plants may differ, so surely. */
    public const DIFFERS = 0.05;

    public const SURELY = 0.95;

    /**
     * @param  ?int  $filial  generation of the seed, the F1 being 1; null where nobody knows
     * @param  int  $looked  plants grown from the seed, or from the seed before it, that were looked over
     * @param  int  $off  of them that differed
     * @param  float  $selfing  share of seed with its own plant's pollen, of its crop where nothing is shut away
     */
    public function __construct(public ?int $filial, public int $looked, public int $off, public float $selfing) {}

    public static function of(Lot $lot, Crop $crop): self
    {
        $generations = Generations::of([$lot->id]);
        // The same plants show of both: what was sown from it, and what it was picked off.
        $row = DB::selectOne(
            'SELECT max(s.looked_over) AS looked, max(s.off_types) AS off FROM planting_standings s
             WHERE s.planting_id IN (SELECT planting_id FROM planting_standings WHERE sown_lot = ? UNION SELECT planting_id FROM lot_parents WHERE lot_id = ? AND planting_id IS NOT NULL)',
            [$lot->id, $lot->id],
        );
        /** @var ?object{looked: ?int, off: ?int} $row */

        return new self($generations->number($lot->id), $row->looked ?? 0, $row->off ?? 0, 1.0 - $crop->outcrossing());
    }

    /** Share of what differed in the cross that is still mixed in one of its plants, if every plant was selfed. */
    public function mixedSelfed(): ?float
    {
        return $this->filial === null ? null : SelfedLine::stillMixed($this->filial, 1.0);
    }

    /** The same, as the crop sets seed where nobody shuts it away, and none was chosen. */
    public function mixedOpen(): ?float
    {
        return $this->filial === null ? null : SelfedLine::stillMixed($this->filial, $this->selfing);
    }

    /** The greatest share of its plants that may differ, by those that were looked over; null where none was. */
    public function mayDiffer(): ?float
    {
        return match (true) {
            $this->looked === 0 => null,
            $this->off === 0 => SelfedLine::mayDiffer($this->looked, self::SURELY),
            default => Beta::quantile(self::SURELY, $this->off + 1.0, (float) max(1, $this->looked - $this->off)),
        };
    }

    public function isStable(): bool
    {
        return ($this->mixedSelfed() ?? 1.0) <= self::MIXED && ($this->mayDiffer() ?? 1.0) <= self::DIFFERS;
    }

    /** Plants that must be grown out alike before it can be said. */
    public static function plantsNeeded(): int
    {
        return SelfedLine::plantsToMeet(self::DIFFERS, self::SURELY);
    }
}
