<?php

declare(strict_types=1);

namespace Marrow\Core\Rota;

/** A line grown for seed once. */
final readonly class Growing
{
    /**
     * @param  int  $sow  year, from the first of the rota as 0
     * @param  int  $harvest  the same, of its harvest
     */
    public function __construct(public string $line, public int $sow, public int $harvest) {}
}
