<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

/** Follows a long search: is told how far it is, and can end it. */
final class SearchWatch
{
    /** Comparisons between two reports: about a tenth of a second. */
    private const EVERY = 400_000;

    private int $before = 0;

    private int $told = 0;

    /**
     * @param  \Closure(float): bool  $report  given the share of the longest that it can take, 0 to 1; whether it shall go on
     * @param  int  $most  comparisons that it can come to
     */
    public function __construct(private readonly \Closure $report, private readonly int $most = Remedies::MOST_STEPS) {}

    /**
     * @param  int  $steps  of the part of the search that is under way
     *
     * @throws SearchStopped
     */
    public function at(int $steps): void
    {
        if ($this->before + $steps - $this->told < self::EVERY) {
            return;
        }
        $this->told = $this->before + $steps;
        if (! ($this->report)(min(1.0, $this->told / $this->most))) {
            throw new SearchStopped('The search was ended.');
        }
    }

    public function partDone(int $steps): void
    {
        $this->before += $steps;
    }
}
