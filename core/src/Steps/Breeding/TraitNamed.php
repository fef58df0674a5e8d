<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Breeding;

use Marrow\Core\Fields\Field;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A trait in which the parents of a cross differ, and what of it is wanted. */
final readonly class TraitNamed implements Payload
{
    /**
     * @param  string  $trait  as the keeper calls it
     * @param  string  $wanted  the form that is sought
     * @param  string  $other  the form of the other parent; may be empty
     */
    public function __construct(public string $trait, public string $wanted, public string $other, public Dominance $dominance, public ShowsIn $shows) {}

    public static function kind(): Kind
    {
        return Kind::of('trait_named', Subject::Lot, 'Trait looked for')->act('Name what you look for')
            ->asks(
                Field::text('trait', 'Trait', 60)->called('the trait')->hint('Colour of the fruit'),
                Field::text('wanted', 'What is wanted of it', 60)->called('what is wanted')->hint('Yellow'),
                Field::text('other', 'What the other parent has', 60)->called('what the other parent has')->optional('')->hint('Red'),
                Field::choice('dominance', 'What is wanted is', Dominance::class)->called('which hides the other')->usually(Dominance::NotKnown->value)->optional(Dominance::NotKnown),
                Field::choice('shows', 'It shows in', ShowsIn::class)->called('in what it shows')->usually(ShowsIn::Plant->value)->optional(ShowsIn::Plant),
            )
            ->says('{trait}', '{wanted} wanted', 'not {other}', '{dominance}', '{shows}');
    }
}
