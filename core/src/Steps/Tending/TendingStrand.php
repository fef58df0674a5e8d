<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tending;

use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Misfit;
use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Journal\Entry;
use Marrow\Core\Steps\Growing\FirstBloom;
use Marrow\Core\Steps\Growing\GrowingStrand;
use Marrow\Core\Steps\Growing\Sown;
use Marrow\Core\Work\Offer;

/** What is done with a planting while it stands: how many plants there are, what covers them, what was pulled, what was sick. */
final class TendingStrand extends Strand
{
    /** Plants that stand in the ground, by what is recorded; null before it was sown, and while all of it is lifted. */
    public ?int $standing = null;

    /** Lifted ones that lie in store until they are planted again. */
    public int $inStore = 0;

    /** It was set out, looked through in store, planted again. */
    public bool $isPlantedOut = false;

    public bool $isLookedThrough = false;

    public bool $isReplanted = false;

    public bool $isLifted = false;

    /** @var array<string, int> plants pulled, by reason; "" where nobody said why */
    public array $pulled = [];

    /** Sick plants that were seen and, by what is recorded, still stand. */
    public int $sickStanding = 0;

    /** Plants that bolted and were left. */
    public int $bolters = 0;

    /** Plants that were cut and ripen under cover, and where. */
    public int $hung = 0;

    public string $hungWhere = '';

    /** Where it was planted out to, where anybody said it; it was sown in another place. */
    public string $outIn = '';

    /** @var list<Covering> in the order in which they were put on */
    public array $coverings = [];

    public function __construct(private readonly GrowingStrand $growing) {}

    #[Takes]
    public function sown(Sown $sown): void
    {
        $this->standing ??= $sown->plants;
    }

    #[Takes]
    public function plantedOut(PlantedOut $out): void
    {
        $this->mustBeSown();
        $this->atMost($out->plants, 'plants', 'set out');
        $this->standing = $out->plants;
        $this->isPlantedOut = true;
        $this->outIn = $out->where === '' ? $this->outIn : $out->where;
    }

    #[Takes]
    public function bloomed(FirstBloom $bloom, Entry $entry): void
    {
        if ($this->isLifted && $this->standing === 0) {
            $this->doubt('happened_at', 'By what is recorded all of it was lifted and lies in store: nothing of it can bloom before it is planted again.');
        }
    }

    #[Takes]
    public function thinned(Thinned $thinned): void
    {
        $this->mustBeSown();
        $this->atMost($thinned->left, 'left', 'left');
        $this->standing = $thinned->left;
    }

    #[Takes]
    public function covered(Covered $covered, Entry $entry): void
    {
        $this->mustBeSown();
        $this->coverings[] = new Covering($covered->with, $entry->happenedAt);
    }

    #[Takes]
    public function uncovered(Uncovered $uncovered, Entry $entry): void
    {
        if ($this->on() === []) {
            throw Misfit::outOfPlace('Nothing covers it, by what is recorded: say first what did, and since when.');
        }
        $this->coverings = array_map(static fn (Covering $covering): Covering => $covering->to === null ? $covering->until($entry->happenedAt) : $covering, $this->coverings);
    }

    #[Takes]
    public function rogued(Rogued $rogued): void
    {
        $this->mustBeSown();
        $this->atMost($rogued->lookedOver, 'looked_over', 'looked over');
        $why = $rogued->why->value ?? '';
        $this->pulled[$why] = ($this->pulled[$why] ?? 0) + $rogued->pulled;
        $this->sickStanding = $rogued->why === RogueReason::Sick ? max(0, $this->sickStanding - $rogued->pulled) : $this->sickStanding;
        $this->pull($rogued->pulled);
    }

    #[Takes]
    public function sickSeen(SickSeen $seen): void
    {
        $this->mustBeSown();
        $this->atMost($seen->plants, 'plants', 'sick');
        if (! $seen->pulled) {
            $this->sickStanding += $seen->plants;

            return;
        }
        $why = RogueReason::Sick->value;
        $this->pulled[$why] = ($this->pulled[$why] ?? 0) + $seen->plants;
        $this->pull($seen->plants);
    }

    #[Takes]
    public function bolted(Bolted $bolted): void
    {
        $this->mustBeSown();
        $this->atMost($bolted->plants, 'plants', 'bolted');
        if ($bolted->pulled) {
            $this->pulled[RogueReason::TooEarly->value] = ($this->pulled[RogueReason::TooEarly->value] ?? 0) + $bolted->plants;
            $this->pull($bolted->plants);
        } else {
            $this->bolters += $bolted->plants;
        }
    }

    #[Takes]
    public function watered(Watered $watered): void
    {
        $this->mustBeSown();
    }

    #[Takes]
    public function shaken(Shaken $shaken): void
    {
        $this->mustBeSown();
    }

    #[Takes]
    public function cutToRipen(CutToRipen $cut): void
    {
        $this->mustBeSown();
        $this->atMost($cut->plants, 'plants', 'cut');
        $this->hung += $cut->plants;
        $this->hungWhere = $cut->where === '' ? $this->hungWhere : $cut->where;
        $this->pull($cut->plants);
    }

    #[Takes]
    public function lifted(Lifted $lifted): void
    {
        $this->mustBeSown();
        $this->atMost($lifted->plants, 'plants', 'taken up');
        [$this->isLifted, $this->inStore, $this->standing] = [true, $this->inStore + $lifted->kept, max(0, (int) $this->standing - $lifted->plants)];
    }

    #[Takes]
    public function winterLost(WinterLost $lost): void
    {
        if (! $this->isLifted) {
            throw Misfit::outOfPlace('Nothing of it was lifted, by what is recorded: say that first.');
        }
        if ($lost->lost > $this->inStore) {
            $this->doubt('lost', sprintf('Only %s lie in store, by what is recorded.', Show::count($this->inStore)));
        }
        $this->inStore = max(0, $this->inStore - $lost->lost);
        $this->isLookedThrough = true;
    }

    #[Takes]
    public function replanted(Replanted $again): void
    {
        if (! $this->isLifted) {
            throw Misfit::outOfPlace('Nothing of it was lifted, by what is recorded: say that first.');
        }
        if ($again->plants > $this->inStore) {
            $this->doubt('plants', sprintf('Only %s lie in store, by what is recorded.', Show::count($this->inStore)));
        }
        $this->inStore = max(0, $this->inStore - $again->plants);
        $this->standing = (int) $this->standing + $again->plants;
        $this->isReplanted = true;
    }

    public function offers(): array
    {
        if ($this->growing->sownAt === null) {
            return [];
        }

        return [
            Offer::of(Rogued::class, 34)->usually('looked_over', $this->standing),
            $this->on() === [] ? Offer::of(Covered::class, 36) : Offer::of(Uncovered::class, 36),
            ...($this->inStore > 0 ? [Offer::of(Replanted::class, 15)->usually('plants', $this->inStore), Offer::of(WinterLost::class, 16)] : []),
            Offer::of(SickSeen::class, 60),
            Offer::of(Watered::class, 72),
            ...($this->growing->firstBloomAt === null ? [Offer::of(Bolted::class, 65)] : [Offer::of(Shaken::class, 73)]),
            ...($this->growing->firstBloomAt === null ? [Offer::of(PlantedOut::class, 62)->usually('plants', $this->standing), Offer::of(Thinned::class, 64)] : []),
            ...($this->growing->firstBloomAt === null && $this->inStore === 0 ? [Offer::of(Lifted::class, 66)->usually('plants', $this->standing)] : []),
        ];
    }

    /** @return list<Covering> those that are on now */
    public function on(): array
    {
        return array_values(array_filter($this->coverings, static fn (Covering $covering): bool => $covering->to === null));
    }

    private function pull(int $plants): void
    {
        $this->standing = max(0, (int) $this->standing - $plants);
    }

    private function atMost(int $plants, string $field, string $done): void
    {
        if ($this->standing !== null && $plants > $this->standing) {
            $this->doubt($field, sprintf('Only %s stand, by what is recorded; %s were %s.', Show::count($this->standing), Show::count($plants), $done));
        }
    }

    /** @throws Misfit */
    private function mustBeSown(): void
    {
        if ($this->growing->sownAt === null) {
            throw Misfit::at('happened_at', 'By what is recorded it had not been sown yet.');
        }
    }
}
