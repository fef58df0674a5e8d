<?php

declare(strict_types=1);

namespace Marrow\Core\Folding;

use Marrow\Core\Fields\Refused;

/** An entry that its keeper is asked about: kept when they say that it is so all the same. */
final class Asked extends Refused
{
    /** @param  non-empty-list<Question>  $questions */
    public static function about(array $questions): self
    {
        $asked = self::at($questions[0]->field, $questions[0]->message);
        $asked->questions = $questions;

        return $asked;
    }

    /** @var list<Question> */
    public array $questions = [];
}
