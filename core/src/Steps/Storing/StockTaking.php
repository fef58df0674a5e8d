<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use DateTimeImmutable;
use Marrow\Core\Fields\Show;
use Marrow\Core\Folding\Doubt;
use Marrow\Core\Steps\Stock\Stock;
use Marrow\Core\Steps\Stock\StockStrand;

/** What was found when stock was taken of a lot's container, against what was thought to lie in it. */
final readonly class StockTaking
{
    public function __construct(private StockStrand $stock, private Kepts $kepts) {}

    /** Nothing grows in a tin, though what was missing turns up: what is more than ever lay in it is another packet, or something was never written down. */
    public function asks(Seen $seen, Kept $kept): ?Doubt
    {
        $thought = $this->isAlone() ? $this->stock->stock->seeds() : $kept->part;
        $rough = $this->stock->stock->isRough();
        if ($seen->seeds === null || $thought === null || $thought <= 0.0 || $seen->seeds <= $thought * ($rough ? Stock::ORDINARY_SPREAD : 1.0) + 1e-6) {
            return null;
        }

        return new Doubt('seeds', sprintf('By what is recorded %s%s lay in it; %s are more. Is it another packet, or was something not written down?', $rough ? 'about ' : '', Show::count($thought), Show::count((float) $seen->seeds)));
    }

    /**
     * What was found is what there is.
     *
     * @return ?DateTimeImmutable since when all of the lot is missing; null where some of it is there, or was used up
     */
    public function found(Seen $seen, Kept $kept, DateTimeImmutable $at): ?DateTimeImmutable
    {
        if ($this->isAlone()) {
            $this->stock->filled($seen->isGone() ? null : $seen->massG, $seen->isGone() ? 0 : $seen->seeds);
            $this->stock->stock->isAbout = $seen->about;

            return $seen->gone ? $at : null;
        }
        $found = $seen->isGone() ? 0.0 : $seen->seeds ?? (float) $seen->massG * 1000 / $this->stock->stock->tsm();
        $others = array_filter($this->kepts->shares($this->stock->stock->seeds()), fn (string|int $id): bool => $this->kepts->all[$id] !== $kept, ARRAY_FILTER_USE_KEY);
        if ($kept->part !== null) {
            $kept->part = (float) $found;
            $kept->emptiedAt = $found > 0.0 ? null : ($kept->emptiedAt ?? $at);
        }
        if (! in_array(null, $others, true)) {
            $this->stock->filled(null, (int) round(array_sum($others) + $found));
        }

        return null;
    }

    private function isAlone(): bool
    {
        return count($this->kepts->all) === 1;
    }
}
