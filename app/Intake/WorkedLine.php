<?php

declare(strict_types=1);

namespace App\Intake;

use Marrow\Core\Intake\CellDoubt;
use Marrow\Core\Intake\Line;

/** A line, what was understood of it, and the lot that it makes. */
final readonly class WorkedLine
{
    /**
     * @param  string  $id  of the line, by whoever sent it
     * @param  list<CellDoubt>  $doubts  of the line, and of what its lot would be
     * @param  ?NewLot  $new  null where it cannot be kept as it is, or stands already
     */
    public function __construct(public string $id, public Line $line, public array $doubts, public ?NewLot $new) {}

    /** @return 'ready'|'doubtful'|'stopped'|'stands' */
    public function status(): string
    {
        return match (true) {
            $this->line->stands !== null => 'stands',
            $this->new === null => 'stopped',
            $this->doubts !== [] => 'doubtful',
            default => 'ready',
        };
    }
}
