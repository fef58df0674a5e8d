<?php

declare(strict_types=1);

namespace App\Works;

use Closure;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Season\SearchStopped;

/** A sort of work that takes long. A new one is a class, named in AppServiceProvider::DOINGS. */
interface Doing
{
    public function kind(): string;

    /**
     * Done to its end, however often it was begun before. Whoever does it leaves the garden while it only thinks
     * (Work::leaveTheGarden), so that it can be gone back to a copy meanwhile.
     *
     * @param  array<string, mixed>  $asked  as it was asked for
     * @param  Closure(float, ?object=): bool  $report  takes the share done, and what was found so far where that is of use by itself; whether to go on
     * @return object what is found, a document
     *
     * @throws Refused|SearchStopped
     */
    public function do(array $asked, Closure $report): object;
}
