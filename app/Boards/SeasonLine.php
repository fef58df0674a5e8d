<?php

declare(strict_types=1);

namespace App\Boards;

use App\Documents\BarDocument;

/** A planting over the months. */
final readonly class SeasonLine
{
    /**
     * @param  string  $figure  how it stands, in a few words
     * @param  list<string>  $crosses  plantings in bloom today that it could cross with
     * @param  ?BarDocument  $bar  null where its season is over
     */
    public function __construct(public string $figure, public array $crosses, public ?BarDocument $bar) {}

    /** What would cross today; empty where nothing does. */
    public function warning(): string
    {
        return $this->crosses === [] ? '' : 'could cross today with '.implode(', ', array_slice($this->crosses, 0, 3)).(count($this->crosses) > 3 ? ' …' : '');
    }
}
