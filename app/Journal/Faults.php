<?php

declare(strict_types=1);

namespace App\Journal;

use Marrow\Core\Fields\Refused;
use RuntimeException;

/** Everything that is wrong with a draft. */
final class Faults extends RuntimeException
{
    /** @var non-empty-list<Refused> */
    public array $all;

    /** @param  list<Refused>  $faults */
    public static function of(array $faults): self
    {
        $all = $faults === [] ? [Refused::at('kind', 'That could not be read.')] : $faults;
        $exception = new self($all[0]->getMessage());
        $exception->all = $all;

        return $exception;
    }
}
