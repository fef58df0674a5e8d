<?php

declare(strict_types=1);

namespace Marrow\Core\Journal\Payload;

/** What keeps flies out of a ferment. Never an airtight lid: it makes gas. */
enum FermentCover: string
{
    case Cloth = 'cloth';
    case Open = 'open';
    case LooseLid = 'loose_lid';
}
