<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tasting;

use Marrow\Core\Selection\Plates;
use Marrow\Core\Selection\TasteAgreement;

/** A blind tasting as far as it is known. */
final class Tasting
{
    public ?\DateTimeImmutable $unblindedAt = null;

    /** @var array<string, list<int>> marks in the order of the samples, by who gave them */
    private array $marks = [];

    private readonly Plates $plates;

    public function __construct(public readonly TastingSet $set, public readonly \DateTimeImmutable $setAt)
    {
        $this->plates = Plates::of($set->tasting, count($set->samples));
    }

    /** @return list<int> numbers of the plates, in the order in which they stand on the table */
    public function table(): array
    {
        return $this->plates->order;
    }

    /** @return array<int, int> what is on each plate: the number of the plant or fruit, by that of the plate */
    public function under(): array
    {
        return array_combine($this->plates->numbers, $this->set->samples);
    }

    /** @return list<string> who has scored it */
    public function tasters(): array
    {
        return array_map(strval(...), array_keys($this->marks));
    }

    /** @param  list<int>  $scores  as many as there are plates, in the order of the table */
    public function score(string $taster, array $scores): void
    {
        $by = array_combine($this->plates->order, $scores);
        $this->marks[$taster] = array_map(static fn (int $plate): int => $by[$plate], $this->plates->numbers);
    }

    /** @return array<int, float> mean mark of each plant or fruit, by its number; empty while nobody has scored it */
    public function means(): array
    {
        if ($this->marks === []) {
            return [];
        }
        $means = [];
        foreach ($this->set->samples as $i => $sample) {
            $means[$sample] = array_sum(array_column($this->marks, $i)) / count($this->marks);
        }

        return $means;
    }

    /** Whether those who tasted agree; null while fewer than two have. */
    public function agreement(): ?TasteAgreement
    {
        return count($this->marks) < 2 ? null : TasteAgreement::of(array_values(array_map(static fn (array $marks): array => array_map(floatval(...), $marks), $this->marks)));
    }
}
