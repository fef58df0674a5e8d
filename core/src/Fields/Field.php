<?php

declare(strict_types=1);

namespace Marrow\Core\Fields;

/**
 * One thing that is asked of a person: its name, kind, unit, bounds, words, hint and usual value. Every door (form, command,
 * API, file) reads this one definition.
 */
final readonly class Field
{
    /** No home lot weighs more than a hundred kilos, and no scale in a kitchen shows less than a milligram. */
    public const MOST_GRAMS = 100_000.0;

    public const LEAST_GRAMS = 0.001;

    /** Counts of these are of what was done, and not of what there is. */
    private const DEEDS = ['time', 'minute', 'hour', 'day'];

    /**
     * @param  string  $label  over the field
     * @param  string  $unit  what the core reckons in: g, °C, m, days …; "share" of 0 to 1; '' of a bare number
     * @param  float  $max  of a text the most letters
     * @param  mixed  $default  taken when nothing is given; only of an optional field
     * @param  string|float|int|null  $usual  what stands in the form to begin with
     * @param  array<string, string>  $options  of a choice: key => what it means
     * @param  class-string<Choice>|null  $choice  of a choice that is an enum
     * @param  Each|null  $each  set when several of them are asked for
     * @param  string  $called  how a message calls it, where the label is no noun
     * @param  string  $of  of a reference: what it is to
     * @param  list<string>  $spoken  what hands call it besides, in a line
     * @param  array<string, string>  $means  what other fields are, in a line, where this one is told: given away, where it is told to whom
     * @param  bool  $isName  a number by which things are called, which adds up to nothing
     * @param  ?\Closure(mixed): mixed  $check  of more than its bounds
     */
    private function __construct(
        public string $key,
        public FieldType $type,
        public string $label,
        public string $unit = '',
        public float $min = 0.0,
        public float $max = 0.0,
        public bool $required = true,
        public mixed $default = null,
        public string|float|int|null $usual = null,
        public string $hint = '',
        public array $options = [],
        public ?string $choice = null,
        public ?Each $each = null,
        public string $called = '',
        public string $of = '',
        public bool $hidden = false,
        public string $noun = '',
        public bool $seldom = false,
        public bool $isPerson = false,
        public array $spoken = [],
        public array $means = [],
        public bool $isName = false,
        private ?\Closure $check = null,
    ) {}

    public static function number(string $key, string $label, string $unit, float $min, float $max): self
    {
        return new self($key, FieldType::Number, $label, $unit, $min, $max);
    }

    public static function integer(string $key, string $label, string $unit, int $min, int $max): self
    {
        return new self($key, FieldType::Integer, $label, $unit, $min, $max);
    }

    /** A share, 0 to 1 unless narrower bounds are given. */
    public static function share(string $key, string $label, float $min = 0.0, float $max = 1.0): self
    {
        return new self($key, FieldType::Share, $label, 'share', $min, $max);
    }

    /** g */
    public static function mass(string $key, string $label): self
    {
        return new self($key, FieldType::Number, $label, 'g', self::LEAST_GRAMS, self::MOST_GRAMS);
    }

    public static function numbers(string $key, string $label, string $unit, float $min, float $max): self
    {
        return self::number($key, $label, $unit, $min, $max)->each(Each::asMany());
    }

    public static function integers(string $key, string $label, string $unit, int $min, int $max): self
    {
        return self::integer($key, $label, $unit, $min, $max)->each(Each::asMany());
    }

    public static function flag(string $key, string $label): self
    {
        return new self($key, FieldType::Flag, $label, required: false, default: false);
    }

    public static function text(string $key, string $label, int $most = 200): self
    {
        return new self($key, FieldType::Text, $label, max: $most);
    }

    public static function prose(string $key, string $label, int $most): self
    {
        return new self($key, FieldType::Prose, $label, max: $most);
    }

    /**
     * One of a few named things.
     *
     * @param  non-empty-array<string, string>|class-string<Choice>  $options  key => what it means, or an enum that says so itself
     */
    public static function choice(string $key, string $label, array|string $options): self
    {
        if (is_array($options)) {
            return new self($key, FieldType::Choice, $label, options: $options);
        }
        $named = [];
        foreach ($options::cases() as $case) {
            $named[(string) $case->value] = $case->label();
        }

        return new self($key, FieldType::Choice, $label, options: $named, choice: $options);
    }

    /** Choices that are none here. */
    public function without(Choice ...$cases): self
    {
        return $this->with(['options' => array_diff_key($this->options, array_flip(array_map(static fn (Choice $case): string => (string) $case->value, $cases)))]);
    }

    /** A day of the calendar. */
    public static function day(string $key, string $label): self
    {
        return new self($key, FieldType::Date, $label);
    }

    /** A day of any year. */
    public static function yearDay(string $key, string $label): self
    {
        return new self($key, FieldType::YearDay, $label);
    }

    /** The key of a crop in the crop reference. */
    public static function crop(string $key, string $label): self
    {
        return new self($key, FieldType::Crop, $label, 'crop');
    }

    /** @param  string  $of  lot, planting, variety, place … */
    public static function reference(string $key, string $label, string|\BackedEnum $of): self
    {
        return new self($key, FieldType::Reference, $label, of: $of instanceof \BackedEnum ? (string) $of->value : $of);
    }

    /** What begins with this entry goes by this id; no person is asked for it. */
    public static function id(string $key, string $label): self
    {
        return new self($key, FieldType::Id, $label, max: 40, hidden: true);
    }

    /** A season's plan: JSON, or what it decodes to. */
    public static function plan(string $key, string $label): self
    {
        return new self($key, FieldType::Plan, $label);
    }

    /** A table: a row for each plant, say, with a number for each trait. */
    public static function rows(string $key, string $label, float $min, float $max): self
    {
        return new self($key, FieldType::Rows, $label, '', $min, $max);
    }

    /** Stores one after another, each days:moisture:temperature; the bounds are of the days. */
    public static function segments(string $key, string $label, float $maxDays): self
    {
        return new self($key, FieldType::Segments, $label, 'days', 0, $maxDays);
    }

    public function optional(mixed $default = null): self
    {
        return $this->with(['required' => false, 'default' => $default]);
    }

    /** What it is if nothing is said, as it is typed; null where that is nothing, or no word or figure. */
    public function defaultTyped(): ?string
    {
        return match (true) {
            $this->default instanceof Choice => (string) $this->default->value,
            is_scalar($this->default) => (string) $this->default,
            default => null,
        };
    }

    /** Several of them, as many as another field says, or as many as there are. */
    public function each(Each $each): self
    {
        return $this->with(['each' => $each]);
    }

    public function usually(string|float|int|null $value): self
    {
        return $this->with(['usual' => $value]);
    }

    public function hint(string $words): self
    {
        return $this->with(['hint' => $words]);
    }

    /** @return list<string> what is counted, one of it: of "fruit, pod or head" any of the three */
    public function nouns(): array
    {
        return array_values(array_filter(preg_split('/, | or /', $this->noun) ?: [], static fn (string $noun): bool => $noun !== ''));
    }

    /** How a message calls it, where the label ("It weighs") is no noun. */
    public function called(string $noun): self
    {
        return $this->with(['called' => $noun]);
    }

    /** What a count is of, in the singular: "plant". */
    public function of(string $noun): self
    {
        return $this->with(['noun' => $noun]);
    }

    /** Not asked for in a form; whoever records fills it in. */
    public function unasked(): self
    {
        return $this->with(['hidden' => true]);
    }

    /** Asked for behind a button of its own, so that what is nearly always told stands together; only of an optional field. */
    public function seldom(): self
    {
        return $this->with(['seldom' => true]);
    }

    /** Its numbers are what things are called by, and add up to nothing. */
    public function naming(): self
    {
        return $this->with(['isName' => true]);
    }

    /** What stands in it may be somebody's name: it is listed among the people, and goes when they are to be forgotten. */
    public function person(): self
    {
        return $this->with(['isPerson' => true]);
    }

    /** Whether each of many things has its own: what it weighs, and how many there are of it. */
    public function isOwn(): bool
    {
        return $this->unit === 'g' || $this->each !== null || ! in_array($this->noun, ['', ...self::DEEDS], true);
    }

    /** A word or two by which hands call it, where that is not in its label. */
    public function also(string ...$words): self
    {
        return $this->with(['spoken' => array_values($words)]);
    }

    /** Where it is told in a line and another field is not, that one is this. */
    public function means(string $key, string|\BackedEnum $value): self
    {
        return $this->with(['means' => [...$this->means, $key => $value instanceof \BackedEnum ? (string) $value->value : $value]]);
    }

    /** How a message speaks of it. */
    public function subject(): string
    {
        $noun = $this->called === '' ? $this->label : $this->called;

        return mb_strtoupper(mb_substr($noun, 0, 1)).mb_substr($noun, 1);
    }

    /**
     * The value in its own type, from what a person typed or a program handed over; null when nothing was given and nothing
     * need be.
     *
     * @throws Refused
     */
    public function read(mixed $given): mixed
    {
        if (is_string($given)) {
            $given = trim(Reading::cleaned($given));
        }
        if ($given === null || $given === '' || ($given === [] && $this->takesSeveral())) {
            return $this->required ? throw $this->missing() : $this->default;
        }

        $read = $this->each === null ? Reading::one($this, $given) : Reading::many($this, $given);
        if ($this->check !== null) {
            ($this->check)($read);
        }

        return $read;
    }

    private function takesSeveral(): bool
    {
        return $this->each !== null || $this->type === FieldType::Rows || $this->type === FieldType::Segments;
    }

    /**
     * Checked by more than its bounds.
     *
     * @param  \Closure(mixed): mixed  $check  throws Refused of what cannot be; never given nothing
     */
    public function checked(\Closure $check): self
    {
        return $this->with(['check' => $check]);
    }

    /** The same, under another key. */
    public function keyed(string $key): self
    {
        return $this->with(['key' => $key]);
    }

    /** Bounds as a person reads them. */
    public function bounds(): string
    {
        $unit = in_array($this->unit, ['', 'share'], true) ? '' : ' '.$this->unit;

        return match ($this->type) {
            FieldType::Crop => 'a crop of the crop reference',
            FieldType::Choice => implode(', ', array_keys($this->options)),
            FieldType::Date => 'year-month-day',
            FieldType::YearDay => 'month-day',
            FieldType::Plan => 'as the application writes it',
            FieldType::Text, FieldType::Prose => "at most $this->max letters",
            FieldType::Flag => 'yes or no',
            FieldType::Reference => "the id of a $this->of",
            FieldType::Id => 'made by whoever records it',
            default => self::show($this->min).' to '.self::show($this->max).$unit,
        };
    }

    /** What to type, for help. */
    public function describe(): string
    {
        return match (true) {
            $this->each === null => $this->type->describe(),
            $this->type === FieldType::Integer => 'whole numbers with commas between them',
            default => 'numbers with commas between them',
        };
    }

    public function missing(): Refused
    {
        return Refused::at($this->key, match (true) {
            $this->type === FieldType::Choice => 'Choose '.($this->called === '' ? lcfirst($this->label) : $this->called).'.',
            $this->type === FieldType::Reference => 'Choose '.($this->called === '' ? "the $this->of" : $this->called).'.',
            $this->type === FieldType::Crop => 'Choose '.($this->called === '' ? 'the crop' : $this->called).'.',
            $this->unit === 'g' => $this->subject().' is missing: weigh it and give it in grams.',
            default => $this->subject().($this->each !== null ? ' are missing.' : ' is missing.'),
        });
    }

    /** A number in a message, without a tail of noughts. */
    public static function show(float $value): string
    {
        return rtrim(rtrim(number_format($value, 6, '.', abs($value) >= 10_000 ? "\u{00A0}" : ''), '0'), '.');
    }

    /** @param  array<string, mixed>  $change */
    private function with(array $change): self
    {
        /** @var array{key: string, type: FieldType, label: string, unit: string, min: float, max: float, required: bool, default: mixed, usual: string|float|int|null, hint: string, options: array<string, string>, choice: class-string<Choice>|null, each: Each|null, called: string, of: string, hidden: bool, noun: string, seldom: bool, isPerson: bool, spoken: list<string>, means: array<string, string>, check: ?\Closure(mixed): mixed} $all */
        $all = [...get_object_vars($this), ...$change];

        return new self(...$all);
    }
}
