<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Holding;

use Marrow\Core\Steps\Storing\StoredAt;

/** What lies around something over time: the place it is in, its air, and the containers between. */
final readonly class Surroundings
{
    /** @param  non-empty-list<Stretch>  $stretches  one after the other, the first from ever */
    public function __construct(public array $stretches) {}

    /** A place that was never anything else. */
    public static function still(StoredAt $air, ?string $placeId = null): self
    {
        return new self([new Stretch(null, $air, false, [$air->name], $placeId)]);
    }

    public function at(\DateTimeImmutable $at): Stretch
    {
        $then = $this->stretches[0];
        foreach ($this->stretches as $stretch) {
            if ($stretch->from !== null && $stretch->from > $at) {
                break;
            }
            $then = $stretch;
        }

        return $then;
    }

    /**
     * What changed after one moment, up to and with another.
     *
     * @param  ?\DateTimeImmutable  $until  null for all that is known
     * @return list<Stretch>
     */
    public function changes(\DateTimeImmutable $after, ?\DateTimeImmutable $until): array
    {
        return array_values(array_filter(
            $this->stretches,
            static fn (Stretch $stretch): bool => $stretch->from !== null && $stretch->from > $after && ($until === null || $stretch->from <= $until),
        ));
    }
}
