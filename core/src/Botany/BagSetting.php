<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** What a flower needs to set seed where no insect and no wind reaches it. */
enum BagSetting: string
{
    case Alone = 'alone';
    case Shaken = 'shaken';
    case Insects = 'insects';
    case Hand = 'hand';
    case No = 'no';
}
