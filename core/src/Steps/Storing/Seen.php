<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Storing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Stock was taken: it was there, or it was not, or there was another amount of it than was thought. */
final readonly class Seen implements Checked, Payload
{
    /**
     * @param  ?string  $container  id of the one that was looked into; null for the lot's only one
     * @param  bool  $gone  whether it was not there any more
     * @param  ?int  $seeds  0 where there is nothing of it
     * @param  bool  $about  whether nobody counted them one by one
     * @param  string  $reason  why there was another amount, where anybody knows
     */
    public function __construct(public ?string $container, public bool $gone, public ?int $seeds, public ?float $massG, public string $reason, public bool $about) {}

    public static function kind(): Kind
    {
        return Kind::of('seen', Subject::Lot, 'Stock taken')->act('Count what is there')->also('counted', 'stock', 'left')
            ->asks(
                Field::reference('container', 'Which', Subject::Container)->optional()->unasked(),
                Field::integer('seeds', 'Seeds', '', 0, 100_000_000)->called('the number of seeds')->optional()->of('seed'),
                Field::mass('mass_g', 'It weighs')->called('the mass that is there')->optional(),
                Field::flag('gone', 'Not there')->hint('It is gone, or there is nothing in it'),
                Field::text('reason', 'Why it differs', 200)->optional('')->hint('Mice, miscounted, given away and not written down'),
                Field::flag('about', 'Only about so many')->seldom(),
            )
            ->says('{gone}', '{seeds}', '{mass_g}', '{about}', '{reason}');
    }

    public function isGone(): bool
    {
        return $this->gone || $this->seeds === 0;
    }

    public function check(): void
    {
        if ($this->gone && (($this->seeds ?? 0) > 0 || $this->massG !== null)) {
            throw Refused::at('gone', 'Either it is gone, or there is some of it.');
        }
    }
}
