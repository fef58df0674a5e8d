<?php

declare(strict_types=1);

namespace App\Projection;

use App\Journal\Changed;
use App\Journal\OfSubject;
use App\Models\Recorded;
use Illuminate\Database\Query\Builder;
use Marrow\Core\Work\Task;

/** How what lists hold of a sort of things follows from the journal. */
interface Followed extends OfSubject
{
    /** All of them that stand by themselves, by `id`. */
    public function every(): Builder;

    /**
     * What was recorded of some of them bears on others, too.
     *
     * @param  list<string>  $ids
     * @param  Changed  $changed  what that was, and of others
     * @return array<string, list<string>> ids by subject
     */
    public function bearsOn(array $ids, Changed $changed): array;

    /**
     * Writes what lists hold of them, anew and whole.
     *
     * @param  list<string>  $ids
     * @return list<array{Recorded, list<Task>}> each, and what is to be done with it
     */
    public function project(array $ids): array;
}
