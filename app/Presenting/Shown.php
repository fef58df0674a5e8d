<?php

declare(strict_types=1);

namespace App\Presenting;

use App\Documents\TagDocument;
use App\Models\Variety;
use Marrow\Core\Journal\Subject;

/** A thing as lists show it: by its tag, where it has one, else by its name. */
final readonly class Shown
{
    /** @param  string  $name  its code, or what it is called */
    public function __construct(public Subject $subject, public string $id, public string $name, public ?TagDocument $tag = null, public ?Variety $variety = null) {}
}
