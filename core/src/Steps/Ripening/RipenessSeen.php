<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Ripening;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A planting, or one of it that has a mark, was looked at to see whether its seed is ripe. */
final readonly class RipenessSeen implements Payload
{
    /**
     * @param  string  $mark  of the one that was looked at; empty of all of it
     * @param  string  $cues  what was seen of the signs of ripeness, parted by semicolons; may be empty
     * @param  bool  $sheds  some of it has fallen already
     */
    public function __construct(public Readiness $ready, public string $mark = '', public string $cues = '', public bool $sheds = false) {}

    public static function kind(): Kind
    {
        return Kind::of('ripeness_seen', Subject::Planting, 'Looked at whether it is ripe')->act('Say how ripe it is')->also('ripe', 'ripeness')
            ->asks(
                Field::choice('ready', 'It is', Readiness::class)->called('how ripe it is')->also('ripe'),
                Field::text('mark', 'One of it', 40)->called('which of it')->optional('')->hint('Its mark; left empty, all of it'),
                Field::text('cues', 'What was seen', 300)->called('what was seen')->optional('')->hint('Which of the signs of ripeness'),
                Field::flag('sheds', 'Some of it has fallen')->seldom(),
            )
            ->says('{mark}', '{ready}', '{cues}', '{sheds}');
    }
}
