<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Testing;

use Marrow\Core\Fields\Field;
use Marrow\Core\Germination\CountsAsUp;
use Marrow\Core\Germination\LaidIn;
use Marrow\Core\Germination\SeedCoat;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** Seeds were set to germinate. */
final readonly class TestStarted implements Payload
{
    /**
     * @param  string  $test  id of the test, made by whoever recorded it
     * @param  int  $seeds  in each replicate
     * @param  float  $temperatureC  °C
     * @param  string  $group  what of the lot it is of, where others are laid beside it: floaters, big, of the fridge; may be empty
     * @param  bool  $sorted  empty seed was sorted out before it was laid
     * @param  ?CountsAsUp  $up  what is counted as up; null where nobody said
     * @param  ?int  $upMm  length of root and shoot from which it is counted, mm
     * @param  ?SeedCoat  $coat  what was done to the coat of hard seed
     * @param  ?int  $soakedHours  in water
     * @param  ?int  $chilledDays  damp and cold from its start on, before it comes into the warmth
     * @param  ?int  $ripenedDays  dry and warm, before its start
     * @param  ?float  $nightC  °C by night, where warmth and cool take turns
     */
    public function __construct(
        public string $test,
        public int $replicates,
        public int $seeds,
        public float $temperatureC,
        public TestMethod $method,
        public string $group = '',
        public bool $sorted = false,
        public ?CountsAsUp $up = null,
        public ?SeedCoat $coat = null,
        public ?int $soakedHours = null,
        public bool $smoked = false,
        public ?int $chilledDays = null,
        public ?int $ripenedDays = null,
        public ?float $nightC = null,
        public ?LaidIn $laidIn = null,
        public ?int $upMm = null,
    ) {}

    public function before(): Pretreatment
    {
        return new Pretreatment($this->coat, $this->soakedHours, $this->smoked, $this->chilledDays, $this->ripenedDays, $this->nightC, $this->laidIn);
    }

    public static function kind(): Kind
    {
        return Kind::of('test_started', Subject::Lot, 'Set to germinate')->act('Start a test')->also('test started', 'germination test', 'test')
            ->asks(
                Field::id('test', 'The name of the test'),
                Field::integer('replicates', 'Replicates', '', 1, 20)->called('the number of replicates')->usually(2)->hint('Dishes or rolls, kept apart'),
                Field::integer('seeds', 'Seeds in each', '', 1, 10_000)->called('the number of seeds in each replicate')->usually(25)->of('seed'),
                Field::number('temperature_c', 'Temperature', '°C', 0, 45)->called('the temperature'),
                Field::choice('method', 'Laid out in a', TestMethod::class)->called('how the test is laid out')->usually(TestMethod::DampTowel->value),
                Field::text('group', 'Of which of it', 40)->called('which of it is tested')->also('group')->optional('')->hint('Where others are laid beside it, to be compared: floaters and sinkers, big and small, of the fridge and of the hall')->seldom(),
                Field::flag('sorted', 'Empty seed sorted out first')->hint('Packets are then filled with full seed, too')->seldom(),
                Field::choice('up', 'Up is counted when', CountsAsUp::class)->called('what is counted as up')->optional()->hint('A root alone is seen days sooner, and in more seed than makes a sound plant')->seldom(),
                Field::integer('up_mm', 'From a length of', 'mm', 1, 200)->called('the length from which it is counted')->optional()->hint('Of root, or root and shoot')->seldom(),
                Field::integer('chilled_days', 'First damp in the cold', 'days', 1, 365)->of('day')->called('how long it is chilled')->also('chilled', 'stratified')->optional()->hint('On its damp paper in the fridge, before it comes into the warmth: days are counted from then on')->seldom(),
                Field::integer('soaked_hours', 'Soaked first', 'hours', 1, 120)->of('hour')->called('how long it was soaked')->also('soaked')->optional()->hint('Longer than a day drowns most')->seldom(),
                Field::choice('coat', 'Hard seed was', SeedCoat::class)->called('what was done to the coat')->optional()->hint('The seed in a clamp, the blade away from the hand; what is just off the boil scalds')->seldom(),
                Field::flag('smoked', 'Smoked, or soaked in smoke water')->hint('Smoke is made out of doors')->seldom(),
                Field::integer('ripened_days', 'Kept dry and warm before', 'days', 1, 3_650)->of('day')->called('how long it was kept dry and warm')->also('after-ripened')->optional()->hint('Some kinds of fresh seed wake only so')->seldom(),
                Field::number('night_c', 'By night', '°C', 0, 45)->called('the temperature by night')->optional()->hint('Where warmth and cool take turns; else nothing')->seldom(),
                Field::choice('laid_in', 'It stands', LaidIn::class)->called('whether it stands in the light')->optional()->seldom(),
            )
            ->says('{replicates} × {seeds}', '{group}', '{method}', '{temperature_c}', '{sorted}', 'up when {up}', 'from {up_mm} mm', 'first {chilled_days} in the cold', 'soaked {soaked_hours}', '{coat}', '{smoked}', '{ripened_days} dry and warm before', '{night_c} by night', '{laid_in}');
    }
}
