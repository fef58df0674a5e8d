<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\RemediesDocument;
use App\Documents\RemedyStepDocument;
use App\Documents\RemedyWayDocument;
use App\Plans\Waiting;
use App\Words\RemedyWords;
use Marrow\Core\Season\Obstacle;
use Marrow\Core\Season\Remedies;
use Marrow\Core\Season\Remedy;
use Marrow\Core\Season\SeasonPlan;

/** What can be done about crossing, in words. */
final class RemedyWays
{
    /** @param  array<string, Remedies>  $alternatives  by their key */
    public static function of(SeasonPlan $plan, array $alternatives): RemediesDocument
    {
        $words = new RemedyWords($plan, PlanSheet::words($plan), Waiting::of($plan)->reasons);
        $ways = [];
        $obstacles = [];
        foreach ($alternatives as $key => $way) {
            if ($way->plan === null) {
                $obstacles = array_map(static fn (Obstacle $obstacle): string => $words->obstacle($obstacle), $way->obstacles);

                continue;
            }
            $ways[] = new RemedyWayDocument(
                $key,
                RemedyWords::title($key),
                $words->asks($way->plan),
                RemedyWords::sure($way->plan),
                array_map(static fn (Remedy $remedy): RemedyStepDocument => new RemedyStepDocument($remedy->planting, $remedy->kind->value, $words->step($remedy)), $way->plan->remedies),
            );
        }

        return new RemediesDocument($ways, $ways === [] ? $obstacles : []);
    }
}
