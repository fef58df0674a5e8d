<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

/** Where the moisture of seed in store is taken from. */
enum MoistureGround: string
{
    /** Weighings or a closed-jar reading of this lot, kept by a tight container. */
    case Measured = 'measured';

    /** A container that breathes: the seed follows the air of its place. */
    case PlaceAir = 'place_air';

    /** A container that breathes, in a place whose air nobody measured: taken as ordinary room air. */
    case RoomAir = 'room_air';

    /** Closed in tight after it had followed the air of a place: taken as in balance with that. */
    case Carried = 'carried';

    /** A tight container filled with seed whose moisture nobody knows: taken as in balance with ordinary room air. */
    case Assumed = 'assumed';
}
