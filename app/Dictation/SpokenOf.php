<?php

declare(strict_types=1);

namespace App\Dictation;

use App\Journal\OfSubject;
use DateTimeImmutable;
use Marrow\Core\Work\Offer;

/** A sort of things that a line may speak of. */
interface SpokenOf extends OfSubject
{
    /**
     * What fitted it, the likeliest first.
     *
     * @param  ?DateTimeImmutable  $before  the moment that is told of; null for now
     * @return list<Offer>
     */
    public function offersAt(string $id, ?DateTimeImmutable $before, DateTimeImmutable $now): array;
}
