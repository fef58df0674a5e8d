<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Origin;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/**
 * Clean seed came from elsewhere, or was found among what is there already; a lot begins with it. Whatever is told of it is
 * kept as told: a claim is no test.
 */
final readonly class Received implements Checked, Payload
{
    /**
     * @param  string  $how  bought, given, swapped, found, trial, wild or own
     * @param  string  $from  whoever it came from; empty when nobody knows
     * @param  int|null  $year  in which the seed ripened, as it was told
     * @param  int|null  $packedFor  year for which it was packed; it ripened before, nobody says when
     * @param  string  $packet  their number of the lot or packet
     * @param  float|null  $claimed  share that germinates, 0 to 1, as it was told
     * @param  string|null  $claimedOn  day (Y-m-d) of the test that it was told of
     * @param  int|null  $claimedOf  seeds that were laid out in that test, where that is known
     * @param  int|null  $seeds  there are of it, if counted or told
     * @param  float|null  $massG  g; with neither there is "some"
     * @param  bool  $treated  dressed with something against fungi, insects or birds
     * @param  string  $terms  on which it may be passed on, as they were told
     * @param  bool  $about  the number or the mass is only about right
     * @param  bool  $uncleaned  it came in its fruit, pods or heads; what it weighs is theirs
     * @param  ?int  $filial  its generation after a cross, as it was told: 1 for an F1
     */
    public function __construct(
        public string $how,
        public string $from,
        public ?int $year,
        public ?int $packedFor,
        public string $packet,
        public ?float $claimed,
        public ?string $claimedOn,
        public ?int $seeds,
        public ?float $massG,
        public bool $treated,
        public string $terms,
        public ?int $claimedOf = null,
        public bool $about = false,
        public bool $uncleaned = false,
        public ?int $filial = null,
    ) {}

    public static function kind(): Kind
    {
        return Kind::of('received', Subject::Lot, 'Came from elsewhere')->act('Seed came from elsewhere')->also('received', 'got', 'bought')->starts()->once()
            ->asks(
                Field::choice('how', 'How it came', ['bought' => 'bought', 'given' => 'given', 'swapped' => 'swapped', 'found' => 'found in the cupboard', 'trial' => 'sent for trial', 'wild' => 'gathered in the wild', 'own' => 'your own seed, from before'])->called('how it came')->usually('given'),
                Field::text('from', 'From whom', 120)->optional('')->hint('A name, a shop, a swap')->person(),
                Field::integer('year', 'Ripened in the year', '', 1900, 2200)->called('the year it ripened')->optional()->hint('As the packet says; empty if nobody knows'),
                Field::integer('packed_for', 'Packed for the year', '', 1900, 2200)->called('the year it was packed for')->optional()->hint('If it says only that'),
                Field::integer('seeds', 'Seeds', '', 1, 100_000_000)->called('the number of seeds')->optional()->hint('Counted or told; empty for “some”')->of('seed'),
                Field::mass('mass_g', 'It weighs')->called('the mass that came')->optional(),
                Field::flag('about', 'Only about so much')->seldom(),
                Field::share('claimed', 'Germinates, as it was told')->called('the germination that was told')->optional()->seldom(),
                Field::day('claimed_on', 'Tested on, as it was told')->called('the day of their test')->optional()->seldom(),
                Field::integer('claimed_of', 'Seeds in that test', 'seeds', 1, 10_000)->called('the number of seeds in that test')->optional()->of('seed')->hint('Your own test counts as any other; what a seller or giver says counts as one of 25 seeds at the most')->seldom(),
                Field::text('packet', 'Their lot or packet number', 60)->optional('')->seldom(),
                Field::integer('filial', 'Generation after a cross, as it was told', '', 1, 60)->called('the generation after a cross')->optional()->hint('4 for an F4; an F1 is a hybrid')->seldom(),
                Field::text('terms', 'On what terms', 200)->optional('')->hint('Say, “not to be sold”')->seldom(),
                Field::flag('uncleaned', 'Still in its fruit, pods or heads')->hint('To be cleaned here. What it weighs then is theirs'),
                Field::flag('treated', 'Treated seed')->hint('Coloured, powdered or coated against pests or moulds'),
            )
            ->says('{how}', 'from {from}', 'their {packet}', 'F{filial}', 'ripened in {year}', 'packed for {packed_for}', '{seeds}', '{mass_g}', '{about}', '{uncleaned}', 'said to germinate {claimed}', 'of {claimed_of}', '{treated}', '{terms}');
    }

    public function check(): void
    {
        if ($this->year !== null && $this->packedFor !== null && $this->packedFor < $this->year) {
            throw Refused::at('packed_for', sprintf('Seed that ripened in %d cannot have been packed for %d.', $this->year, $this->packedFor));
        }
        if ($this->claimedOf !== null && $this->claimed === null) {
            throw Refused::at('claimed', 'A number of seeds in their test, but not what came of it: give the share, or leave the number empty.');
        }
        if ($this->claimedOn !== null && $this->claimed === null) {
            throw Refused::at('claimed', 'A day of their test, but not what came of it: give the share, or leave the day empty.');
        }
    }
}
