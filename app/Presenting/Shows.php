<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Journal\OfSubject;
use App\Models\Recorded;
use Marrow\Core\Folding\Folded;

/** How a sort of things is shown in lists, in sentences and in the journal. */
interface Shows extends OfSubject
{
    /**
     * What they are called within a sentence; one that has no name of its own is left out.
     *
     * @param  list<string>  $ids
     * @return array<string, string> by id
     */
    public function names(array $ids): array;

    /**
     * @param  list<string>  $ids
     * @return array<string, Shown> by id
     */
    public function shown(array $ids): array;

    /** By the number of its code, with what its tag shows; null where it has none, or is not there. */
    public function byNumber(int $number): ?Recorded;

    /** All that is known of one, folded. */
    public function folded(string $id): ?Folded;
}
