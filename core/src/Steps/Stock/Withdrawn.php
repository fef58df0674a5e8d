<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Stock;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seed was taken out of the lot. */
final readonly class Withdrawn implements Checked, Payload
{
    /**
     * @param  float|null  $massG  g
     * @param  string  $to  who or where, may be empty
     * @param  ?string  $container  id of the one it was taken from, where the lot lies in several
     */
    public function __construct(public Purpose $purpose, public ?int $seeds, public ?float $massG, public string $to, public ?string $container = null) {}

    public static function kind(): Kind
    {
        return Kind::of('withdrawn', Subject::Lot, 'Taken out')->act('Take seed out')->also('took', 'gave', 'sent', 'used')
            ->asks(
                Field::choice('purpose', 'Taken for', Purpose::class)->called('what it was taken for')->usually(Purpose::Sowing->value),
                Field::integer('seeds', 'Seeds', '', 1, 100_000_000)->called('the number of seeds')->optional()->hint('Or the mass')->of('seed'),
                Field::mass('mass_g', 'Mass')->called('the mass taken')->optional(),
                Field::text('to', 'To whom, or where')->called('who or where it went to')->optional('')->person()->means('purpose', Purpose::Gift),
                Field::reference('container', 'Out of', Subject::Container)->optional()->unasked(),
            )
            ->says('{seeds}', '{mass_g}', '{purpose}', '{to}');
    }

    public function check(): void
    {
        if (($this->seeds === null) === ($this->massG === null)) {
            throw Refused::at('seeds', 'Say how much was taken: either a number of seeds or a mass.');
        }
    }
}
