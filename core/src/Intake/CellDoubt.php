<?php

declare(strict_types=1);

namespace Marrow\Core\Intake;

/** What is doubtful of one cell of a line, in the gardener's words. */
final readonly class CellDoubt
{
    /**
     * @param  bool  $stops  whether the line cannot be kept as it is; else it is kept as the message says
     * @param  list<string>  $instead  what could stand in the cell in its place
     */
    public function __construct(public Column $column, public string $message, public bool $stops = false, public array $instead = []) {}
}
