<?php

declare(strict_types=1);

namespace App\Reckoners\Pictures;

use App\Reckoners\Asked;

/** The picture that goes with a reckoning, where a picture says more than the figures. */
final readonly class Pictures
{
    /** @param  iterable<Draws>  $draws  found by the tag 'pictures' */
    public function __construct(private iterable $draws) {}

    public function of(Asked $asked): Picture|Range|null
    {
        foreach ($this->draws as $one) {
            if (in_array(explode('.', $asked->name)[0], $one::families(), true)) {
                return $one->of($asked);
            }
        }

        return null;
    }
}
