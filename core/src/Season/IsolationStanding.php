<?php

declare(strict_types=1);

namespace Marrow\Core\Season;

use Marrow\Core\Isolation\RiskVerdict;

/** How well a planting kept for seed stands apart from everything around it. */
final readonly class IsolationStanding
{
    /**
     * @param  float  $share  expected share of crossed seed from all sources together, 0 … 1
     * @param  float  $allowed  share that is put up with
     * @param  list<CrossRisk>  $risks  the largest first; only those from which something is expected
     * @param  bool  $isInformation  mixed on purpose: nothing is at risk, it is only told
     */
    public function __construct(
        public PlannedPlanting $planting,
        public float $share,
        public float $allowed,
        public RiskVerdict $verdict,
        public array $risks,
        public bool $isInformation,
    ) {}
}
