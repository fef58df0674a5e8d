<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Sharing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Somebody who was given seed of it was told that it is not what it was taken for. */
final readonly class CalledBack implements Payload
{
    /**
     * @param  string  $gift  id of the entry by which it was given away
     * @param  string  $answer  what they said, or what became of it; may be empty
     */
    public function __construct(public string $gift, public string $answer) {}

    public static function kind(): Kind
    {
        return Kind::of('called_back', Subject::Lot, 'Called back')->act('They were told')
            ->asks(
                Field::text('gift', 'The gift', 40)->unasked(),
                Field::text('answer', 'What became of it')->called('what became of it')->optional('')->hint('Not sown yet, thrown away, sown and pulled'),
            )
            ->says('{answer}')
            ->once('gift');
    }
}
