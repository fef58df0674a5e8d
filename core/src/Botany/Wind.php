<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** The wind that takes the chaff of threshed seed and leaves the seed. */
enum Wind: string
{
    /** No more than is blown with the mouth. */
    case Breath = 'breath';

    /** A light breeze, or a slow fan at arm's length. */
    case Light = 'light';

    /** A breeze that keeps leaves moving. */
    case Steady = 'steady';

    /** A fan close by, or a windy day. */
    case Strong = 'strong';
}
