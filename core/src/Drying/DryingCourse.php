<?php

declare(strict_types=1);

namespace Marrow\Core\Drying;

/** How seed dries from a moment on, as it is: at best, as is likeliest, at worst. */
interface DryingCourse
{
    /**
     * @param  float  $hours  0 or more
     * @return array{float, float, float} per cent of wet mass after so many: at best, likeliest, at worst
     */
    public function after(float $hours): array;

    /**
     * @param  float  $target  per cent of wet mass
     * @return array{?float, ?float, ?float} hours until it holds no more than that, in the same order; null where it never does
     */
    public function until(float $target): array;
}
