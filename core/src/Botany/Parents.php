<?php

declare(strict_types=1);

namespace Marrow\Core\Botany;

/** How many plants should give seed. */
final readonly class Parents
{
    /**
     * @param  int  $bare  the bare minimum, for a year in need
     * @param  int  $variety  to keep a variety as it is
     * @param  int  $landrace  to keep a mixed population and what is rare in it
     */
    public function __construct(
        public int $bare,
        public int $variety,
        public int $landrace,
    ) {}
}
