<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

use Marrow\Core\Fields\Choice;

/** How far apart, by whose habit: distances in use differ widely, so a plan says which it goes by. */
enum IsolationStandard: string implements Choice
{
    /** A gardener who keeps seed for the own table and does not mind an odd off-type. */
    case Home = 'home';

    /** A seed library, or anyone who passes seed on. */
    case Careful = 'careful';

    /** A grower of seed for sale or for stock. */
    case Grower = 'grower';

    public function label(): string
    {
        return match ($this) {
            self::Home => 'a home gardener',
            self::Careful => 'a careful keeper',
            self::Grower => 'a seed grower',
        };
    }
}
