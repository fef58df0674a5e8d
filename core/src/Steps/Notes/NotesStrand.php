<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Notes;

use Marrow\Core\Folding\Strand;
use Marrow\Core\Folding\Takes;
use Marrow\Core\Work\Offer;

/** What was remarked on a thing. */
final class NotesStrand extends Strand
{
    /** @var list<string> */
    public array $notes = [];

    #[Takes]
    public function noted(Noted $noted): void
    {
        $this->notes[] = $noted->text;
    }

    public function offers(): array
    {
        return [Offer::of(Noted::class, 100)];
    }
}
