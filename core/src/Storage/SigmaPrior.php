<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

/** What is expected of a lot before its own tests speak: the pace by its crop's constants, give or take a factor of two. */
final readonly class SigmaPrior
{
    public const FACTOR = 2.0;

    /** Probit of the 95 % that sound fresh seed gives, held loosely. */
    public const KI = 1.6448536269514722;

    public const KI_SPREAD = 1.0;

    /** @param  float  $sigmaDays days to lose one probit, above 0 */
    public function __construct(public float $sigmaDays) {}
}
