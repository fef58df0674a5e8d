<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** How seed that falls by itself when it is ripe is caught: each crop's own order. */
enum Shattering: string
{
    /** Whole stems are cut before the last are ripe, and finish under cover on a sheet. */
    case Sheet = 'sheet';

    /** Heads or capsules are cut a little green and finish upside down in a paper bag. */
    case PaperBag = 'paper_bag';

    /** Whole plants are pulled and dry on a rack or hung up under cover. */
    case Rack = 'rack';

    /** Ripe seed is gathered every day or two, as it ripens. */
    case PickOften = 'pick_often';

    /** Each head is tied into a bag of fine cloth before it ripens, and cut when it is brown. */
    case ClothBag = 'cloth_bag';

    /** It is shaken into a pail every few days while it stands. */
    case Shake = 'shake';

    /** Heads are netted against birds while they stand, and cut when the seed is hard. */
    case Net = 'net';

    /** It falls when it is ripe, and is picked up from below the plant. */
    case GatherFallen = 'gather_fallen';

    /** Fruit or spikes are picked as soon as they give way, and go to where they are kept damp. */
    case PickDamp = 'pick_damp';
}
