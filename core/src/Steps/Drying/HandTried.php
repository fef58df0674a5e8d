<?php

declare(strict_types=1);

namespace Marrow\Core\Steps\Drying;

use Marrow\Core\Drying\HandSign;
use Marrow\Core\Drying\SignResult;
use Marrow\Core\Fields\Choice;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Checked;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Payload;
use Marrow\Core\Journal\Subject;

/** A few seeds were tried by hand for how dry they are. */
final readonly class HandTried implements Checked, Payload
{
    public function __construct(
        public ?SignResult $snap = null,
        public ?SignResult $hammer = null,
        public ?SignResult $teeth = null,
        public ?SignResult $sunJar = null,
        public ?SignResult $thumbnail = null,
        public ?SignResult $runs = null,
        public ?SignResult $rattles = null,
    ) {}

    public static function kind(): Kind
    {
        return Kind::of('hand_tried', Subject::Lot, 'Tried by hand')->act('Try it by hand')->also('by hand', 'snap test', 'bite test')
            ->asks(...array_map(self::field(...), HandSign::cases()))
            ->says(...array_map(static fn (HandSign $sign): string => "{{$sign->value}}", HandSign::cases()));
    }

    /** @return list<SignResult> */
    public function results(): array
    {
        return array_values(array_filter([$this->snap, $this->hammer, $this->teeth, $this->sunJar, $this->thumbnail, $this->runs, $this->rattles]));
    }

    public function check(): void
    {
        if ($this->results() === []) {
            // That sign is asked of every kind.
            throw Refused::at(HandSign::SunJar->value, 'Say what the hand found: one sign is enough.');
        }
    }

    private static function field(HandSign $sign): Field
    {
        $ours = [$sign->damp(), $sign->dry()];
        $others = array_filter(SignResult::cases(), static fn (Choice $result): bool => ! in_array($result, $ours, true));
        [$label, $called, $hint] = match ($sign) {
            HandSign::Snap => ['Bent', 'what it does when it is bent', ''],
            HandSign::Hammer => ['Under a hammer', 'what it does under a hammer', ''],
            HandSign::Teeth => ['Between the teeth', 'what a tooth does to it', 'Never seed that was treated'],
            HandSign::SunJar => ['A sample in a closed jar in the sun', 'what the jar in the sun shows', 'An hour, and only a few seeds: it gets too hot, and they are not sown'],
            HandSign::Thumbnail => ['Under a thumbnail', 'what a thumbnail does to it', ''],
            HandSign::Runs => ['Poured', 'how it runs', ''],
            HandSign::Rattles => ['Shaken', 'how it sounds', ''],
        };

        return Field::choice($sign->value, $label, SignResult::class)->without(...$others)->called($called)->optional()->hint($hint);
    }
}
