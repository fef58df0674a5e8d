<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Labels that are to be printed, or were.
 *
 * @property string $id
 * @property string $title
 * @property string $document  as it is sent to the printer
 * @property string $made_at
 * @property ?string $sent_at
 * @property string $trouble  why it could not be sent; empty when it was, or nobody has tried
 */
final class PrintJob extends Thing
{
    protected $table = 'print_jobs';
}
