<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Tasting;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;
use Marrow\Core\Selection\TasteAgreement;

/** Plates were set out to be tasted blind. Which is which follows from its id, and is said nowhere until it is unblinded. */
final readonly class TastingSet implements Checked, Payload
{
    /**
     * @param  string  $tasting  its id
     * @param  list<int>  $samples  numbers of plants along the row, or of fruit
     */
    public function __construct(public string $tasting, public TastedOf $of, public array $samples, public TastedHow $how) {}

    public static function kind(): Kind
    {
        return Kind::of('tasting_set', Subject::Planting, 'Set out to be tasted blind')->act('Hold a tasting')->also('tasting')
            ->asks(
                Field::id('tasting', 'Which tasting it is'),
                Field::choice('of', 'Plates of', TastedOf::class)->called('what is on the plates'),
                Field::integers('samples', 'Which', '', 1, 10_000)->called('the numbers of what is tasted')->naming()->hint('By their numbers: 2 5 9'),
                Field::choice('how', 'Tasted', TastedHow::class)->called('how it is tasted')->usually(TastedHow::Raw->value),
            )
            ->once('tasting')
            ->says('{of}', '{samples}', '{how}');
    }

    public function check(): void
    {
        if (count(array_unique($this->samples)) < count($this->samples)) {
            throw Refused::at('samples', 'One of them stands there twice: a plate each.');
        }
        if (count($this->samples) < 2 || count($this->samples) > TasteAgreement::MOST_SAMPLES) {
            throw Refused::at('samples', sprintf('A tasting is of 2 to %d plates.', TasteAgreement::MOST_SAMPLES));
        }
    }
}
