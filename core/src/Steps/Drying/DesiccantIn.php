<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Drying\DesiccantColour;
use Marrow\Core\Drying\DesiccantKind;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seed was shut into a jar with a desiccant, or what was in with it was changed for other. */
final readonly class DesiccantIn implements Checked, Payload
{
    /**
     * @param  ?float  $desiccantG  g, dry; null where nobody weighed it
     * @param  ?float  $asPutInG  g as it went in, where that is more than dry
     * @param  ?float  $rh  per cent, in a closed jar of it by a card or a hygrometer
     */
    public function __construct(public DesiccantKind $desiccant, public ?float $desiccantG, public ?float $asPutInG = null, public ?DesiccantColour $colour = null, public ?float $rh = null) {}

    public static function kind(): Kind
    {
        return Kind::of('desiccant_in', Subject::Lot, 'Into a jar with desiccant')->act('Shut it in with desiccant')->also('with gel', 'gel in', 'silica gel', 'desiccant')
            ->asks(
                Field::choice('desiccant', 'With', DesiccantKind::class)->called('what it is shut in with')->hint('Cat litter of gel or of clay does as well; rice and salt are baked dry first')->usually(DesiccantKind::Gel->value),
                Field::mass('desiccant_g', 'Dry, it weighs')->called('the mass of the desiccant')->optional()->hint('As it was dried last'),
                Field::mass('as_put_in_g', 'It weighs as it goes in')->called('what it weighs as it goes in')->optional()->hint('Where it stood since it was dried')->seldom(),
                Field::choice('colour', 'Its colour', DesiccantColour::class)->called('its colour')->optional()->hint('Only gel shows by it how wet it is')->seldom(),
                Field::number('rh', 'A jar of it alone reads', '% RH', 2, 97)->called('what a jar of it reads')->optional()->hint('By a card or a hygrometer, after a day')->seldom(),
            )
            ->says('{desiccant}', '{desiccant_g}', '{as_put_in_g} as it went in', '{colour}', 'its jar at {rh}');
    }

    public function check(): void
    {
        if ($this->desiccantG !== null && $this->asPutInG !== null && $this->asPutInG < $this->desiccantG) {
            throw Refused::at('as_put_in_g', 'Lighter than dry: it was not dry then, or some is missing.');
        }
    }

    /** @return float g of water that a gram of it holds as it goes in */
    public function held(): float
    {
        return match (true) {
            $this->asPutInG !== null && $this->desiccantG !== null => $this->asPutInG / $this->desiccantG - 1.0,
            $this->rh !== null => $this->desiccant->holds($this->rh / 100.0),
            $this->colour !== null && $this->desiccant === DesiccantKind::Gel => $this->desiccant->holds($this->colour->rh()),
            default => 0.0,
        };
    }
}
