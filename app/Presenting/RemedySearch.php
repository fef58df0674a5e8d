<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Clock;
use App\Documents\RemediesDocument;
use App\Plans\Observed;
use App\Plans\PlanBook;
use App\Plans\RemedyWish;
use App\Works\Doing;
use App\Works\Work;
use Closure;
use Marrow\Core\Season\Remedies;
use Marrow\Core\Season\SearchWatch;

/** What can be done about crossing over a whole garden: a large one takes seconds. */
final readonly class RemedySearch implements Doing
{
    public const KIND = 'remedies';

    public function __construct(private PlanBook $plans, private Observed $observed, private Clock $clock) {}

    public function kind(): string
    {
        return self::KIND;
    }

    public function do(array $asked, Closure $report): RemediesDocument
    {
        $year = $asked['year'] ?? null;
        $plan = $this->observed->onto($this->plans->open(is_int($year) ? $year : 0)->plan);
        $prefer = RemedyWish::of($asked)->preferences($plan, $this->clock->now());
        Work::leaveTheGarden();

        return RemedyWays::of($plan, Remedies::alternatives($plan, $prefer, new SearchWatch($report)));
    }
}
