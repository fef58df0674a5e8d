<?php

declare(strict_types=1);

namespace Marrow\Core\Reckoning;

/**
 * One input of a reckoning: what it is called, in what unit, within what bounds. Every door (PHP, command, browser)
 * reads the same definition.
 */
final readonly class Input
{
    /** @param  array<string, string>  $options  key => what it means, of a choice */
    private function __construct(
        public string $key,
        public InputType $type,
        public string $label,
        public string $unit,
        public float $min,
        public float $max,
        public bool $required,
        public string|float|int|null $default,
        public array $options = [],
    ) {}

    public static function number(string $key, string $label, string $unit, float $min, float $max): self
    {
        return new self($key, InputType::Number, $label, $unit, $min, $max, true, null);
    }

    public static function integer(string $key, string $label, string $unit, int $min, int $max): self
    {
        return new self($key, InputType::Integer, $label, $unit, $min, $max, true, null);
    }

    /** A share, 0 to 1 unless narrower bounds are given. */
    public static function share(string $key, string $label, float $min = 0.0, float $max = 1.0): self
    {
        return new self($key, InputType::Share, $label, 'share', $min, $max, true, null);
    }

    public static function numbers(string $key, string $label, string $unit, float $min, float $max): self
    {
        return new self($key, InputType::Numbers, $label, $unit, $min, $max, true, null);
    }

    public static function integers(string $key, string $label, string $unit, int $min, int $max): self
    {
        return new self($key, InputType::Integers, $label, $unit, $min, $max, true, null);
    }

    /** The key of a crop in the crop reference. */
    public static function crop(string $key, string $label): self
    {
        return new self($key, InputType::Crop, $label, 'crop', 0, 0, true, null);
    }

    /**
     * One of a few named things.
     *
     * @param  non-empty-array<string, string>  $options  key => what it means
     */
    public static function choice(string $key, string $label, array $options): self
    {
        return new self($key, InputType::Choice, $label, '', 0, 0, true, null, $options);
    }

    /** A day of the calendar. */
    public static function day(string $key, string $label): self
    {
        return new self($key, InputType::Date, $label, '', 0, 0, true, null);
    }

    /** A season's plan: JSON, or what it decodes to. */
    public static function plan(string $key, string $label): self
    {
        return new self($key, InputType::Plan, $label, '', 0, 0, true, null);
    }

    /** A table: a row for each plant, say, with a number for each trait. */
    public static function rows(string $key, string $label, float $min, float $max): self
    {
        return new self($key, InputType::Rows, $label, '', $min, $max, true, null);
    }

    /** Stores one after another, each days:moisture:temperature; the bounds are of the days. */
    public static function segments(string $key, string $label, float $maxDays): self
    {
        return new self($key, InputType::Segments, $label, 'days', 0, $maxDays, true, null);
    }

    public function optional(string|float|int|null $default = null): self
    {
        return new self($this->key, $this->type, $this->label, $this->unit, $this->min, $this->max, false, $default, $this->options);
    }

    /**
     * The value in its own type, from what a person typed or a caller handed over.
     *
     * @return float|int|string|list<float>|list<int>|list<list<float>>|array<array-key, mixed>
     *
     * @throws InputRefused
     */
    public function read(mixed $given): float|int|string|array
    {
        return match ($this->type) {
            InputType::Number, InputType::Share => $this->readNumber($given),
            InputType::Integer => $this->readInteger($given),
            InputType::Numbers => array_map($this->readNumber(...), $this->readList($given)),
            InputType::Integers => array_map($this->readInteger(...), $this->readList($given)),
            InputType::Rows => array_map(fn (mixed $row): array => array_map($this->readNumber(...), $this->readList($row)), $this->readList($given, ';')),
            InputType::Segments => array_map($this->readSegment(...), $this->readList($given)),
            InputType::Crop => is_string($given) && trim($given) !== ''
                ? trim($given)
                : throw InputRefused::unparsable($this, $given),
            InputType::Choice => is_string($given) && isset($this->options[trim($given)])
                ? trim($given)
                : throw InputRefused::unparsable($this, $given),
            InputType::Date => $this->readDate($given),
            InputType::Plan => $this->readPlan($given),
        };
    }

    /** Bounds as a person reads them. */
    public function bounds(): string
    {
        if ($this->type === InputType::Crop) {
            return 'a crop of the crop reference';
        }
        if ($this->type === InputType::Choice) {
            return implode(', ', array_keys($this->options));
        }
        if ($this->type === InputType::Date) {
            return 'year-month-day';
        }
        if ($this->type === InputType::Plan) {
            return 'as the application writes it';
        }
        $unit = in_array($this->unit, ['', 'share'], true) ? '' : ' '.$this->unit;

        return self::show($this->min).' to '.self::show($this->max).$unit;
    }

    /** @throws InputRefused */
    private function readNumber(mixed $given): float
    {
        if (is_string($given)) {
            $given = trim($given);
        }
        if (! is_int($given) && ! is_float($given) && ! (is_string($given) && is_numeric($given))) {
            throw InputRefused::unparsable($this, $given);
        }
        $value = (float) $given;
        if (! ($value >= $this->min && $value <= $this->max)) {
            throw InputRefused::outOfBounds($this, $given);
        }

        return $value;
    }

    /** @throws InputRefused */
    private function readInteger(mixed $given): int
    {
        $value = $this->readNumber($given);
        if ($value !== floor($value)) {
            throw InputRefused::unparsable($this, $given);
        }

        return (int) $value;
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws InputRefused
     */
    private function readPlan(mixed $given): array
    {
        $plan = is_string($given) ? json_decode($given, true) : $given;

        return is_array($plan) ? $plan : throw InputRefused::because($this->key, $this->key.' must be a plan as JSON; what was given cannot be read as that.');
    }

    /** @throws InputRefused */
    private function readDate(mixed $given): string
    {
        $text = is_string($given) ? trim($given) : '';
        $date = \DateTimeImmutable::createFromFormat('!Y-m-d', $text);
        // PHP reads 31 February as 3 March; a gardener would want to be told.
        if ($date === false || $date->format('Y-m-d') !== $text) {
            throw InputRefused::unparsable($this, $given);
        }

        return $text;
    }

    /**
     * @return list<float> days, moisture, temperature
     *
     * @throws InputRefused
     */
    private function readSegment(mixed $given): array
    {
        $parts = is_string($given) ? explode(':', $given) : $given;
        if (! is_array($parts) || count($parts) !== 3) {
            throw InputRefused::unparsable($this, $given);
        }
        $numbers = [];
        foreach (array_values($parts) as $i => $part) {
            if ($i === 0) {
                $numbers[] = $this->readNumber($part);
            } elseif (is_int($part) || is_float($part) || (is_string($part) && is_numeric(trim($part)))) {
                $numbers[] = (float) $part;
            } else {
                throw InputRefused::unparsable($this, $given);
            }
        }

        return $numbers;
    }

    /**
     * @param  ','|';'  $between
     * @return list<mixed>
     *
     * @throws InputRefused
     */
    private function readList(mixed $given, string $between = ','): array
    {
        if (is_string($given)) {
            $given = explode($between, $given);
        }
        if (! is_array($given) || $given === []) {
            throw InputRefused::unparsable($this, $given);
        }

        return array_values($given);
    }

    private static function show(float $value): string
    {
        return rtrim(rtrim(number_format($value, 6, '.', ''), '0'), '.');
    }
}
