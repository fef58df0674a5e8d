<?php

declare(strict_types=1);

namespace Marrow\Core\Course;

use Marrow\Core\Journal\EntryRefused;
use Marrow\Core\Journal\Payload\Picked;

/** The passes in which a lot was picked. */
final class HarvestCourse
{
    /** @var list<array{at: \DateTimeImmutable, picked: Picked}> */
    private array $passes = [];

    public function __construct(private readonly LotFacts $lot) {}

    /** @throws EntryRefused */
    public function picked(Picked $picked, \DateTimeImmutable $at): void
    {
        if ($this->lot->sownAt !== null && $at < $this->lot->sownAt) {
            throw EntryRefused::tooEarly(sprintf(
                'This planting was sown on %s; it cannot have been picked before that.',
                $this->lot->sownAt->format('j F Y'),
            ));
        }
        if ($picked->fruits === null && $picked->massG === null) {
            throw EntryRefused::at('fruits', 'Give the number of fruits, pods or heads, or what they weigh.');
        }
        $this->passes[] = ['at' => $at, 'picked' => $picked];
    }

    public function hasBegun(): bool
    {
        return $this->passes !== [];
    }

    public function firstAt(): ?\DateTimeImmutable
    {
        return $this->passes[0]['at'] ?? null;
    }

    public function lastAt(): ?\DateTimeImmutable
    {
        return $this->passes === [] ? null : $this->passes[count($this->passes) - 1]['at'];
    }

    /** Plants that gave seed: passes go over the same plants, so the largest pass counts, not the sum. */
    public function plants(): int
    {
        return array_reduce($this->passes, static fn (int $most, array $pass): int => max($most, $pass['picked']->plants), 0);
    }

    public function fruits(): int
    {
        return array_reduce($this->passes, static fn (int $sum, array $pass): int => $sum + ($pass['picked']->fruits ?? 0), 0);
    }

    /** g in all passes; null unless every pass was weighed */
    public function mass(): ?float
    {
        $sum = 0.0;
        foreach ($this->passes as $pass) {
            if ($pass['picked']->massG === null) {
                return null;
            }
            $sum += $pass['picked']->massG;
        }

        return $this->passes === [] ? null : $sum;
    }

    /** @throws EntryRefused when more seed is said to come out than was picked */
    public function mustHold(?float $mass, string $what): void
    {
        $picked = $this->mass();
        if ($mass !== null && $picked !== null && $mass > $picked) {
            throw EntryRefused::at('mass_g', sprintf('%s cannot be %s g: only %s g were picked.', $what, Show::grams($mass), Show::grams($picked)));
        }
    }
}
