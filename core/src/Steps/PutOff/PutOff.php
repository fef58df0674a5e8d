<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\PutOff;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** The keeper said of something that is due: later, done already, or not this year. Taken back as anything else. */
final readonly class PutOff implements Checked, Payload
{
    /**
     * @param  string  $task  the kind of task
     * @param  string  $about  id of the test or entry that it concerns; may be empty
     * @param  string  $what  as it was said when it was put off
     * @param  ?string  $until  day (Y-m-d), for later
     * @param  string  $opens  moment (Y-m-d\TH:i) from which it could be done, so that what comes up anew is another thing; empty for by then
     * @param  ?int  $hours  for later, where it is a matter of hours: 1 … 48
     */
    public function __construct(public string $task, public string $about, public string $what, public PutOffUntil $how, public ?string $until, public string $opens = '', public ?int $hours = null) {}

    public static function kind(): Kind
    {
        return Kind::of('put_off', Subject::cases(), 'Put off')
            ->asks(
                Field::text('task', 'What is due', 60)->unasked(),
                Field::text('about', 'Of what', 60)->optional('')->unasked(),
                Field::text('what', 'In words', 300)->optional('')->unasked(),
                Field::choice('how', 'It is', PutOffUntil::class)->called('what becomes of it'),
                Field::day('until', 'Until')->called('the day')->optional(),
                Field::text('opens', 'From when on', 30)->optional('')->unasked(),
                Field::integer('hours', 'In hours', 'hours', 1, 48)->called('in how many hours')->optional()->of('hour')->seldom(),
            )
            ->says('{what}', '{how}', 'until {until}', 'by {hours}');
    }

    public function check(): void
    {
        if ($this->how === PutOffUntil::Later && $this->until === null && $this->hours === null) {
            throw Refused::at('until', 'Until when? Give the day.');
        }
    }
}
