<?php

declare(strict_types=1);

namespace Marrow\Core\Course;

use Marrow\Core\Botany\Crop;

/** What never changes about a lot. */
final readonly class LotFacts
{
    /** @param  \DateTimeImmutable|null  $sownAt when the planting it comes from was sown, where that is known */
    public function __construct(
        public string $code,
        public Crop $crop,
        public ?\DateTimeImmutable $sownAt,
    ) {}
}
