<?php

declare(strict_types=1);

namespace Marrow\Core\Work;

/** Where the seed of a lot lies, as the strands of its course move it on. */
final class Whereabouts
{
    public Place $place = Place::Plot;
}
