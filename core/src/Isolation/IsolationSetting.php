<?php

declare(strict_types=1);

namespace Marrow\Core\Isolation;

use Marrow\Core\Botany\IsolationStandard;

/** How strictly a garden isolates: whose distances, in what climate, how much crossing is allowed. */
final readonly class IsolationSetting
{
    public const ALLOWED = 0.01;

    /**
     * @param  float  $allowed  share of off-type seed that is put up with, 0.0001 … 1
     * @param  float  $behindBarrier  share of pollen that gets past a hedge or building, 0 … 1
     */
    public function __construct(
        public IsolationStandard $standard = IsolationStandard::Careful,
        public Climate $climate = Climate::Temperate,
        public float $allowed = self::ALLOWED,
        public float $behindBarrier = CrossShare::BEHIND_BARRIER,
    ) {}
}
