<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

/** A word, a number, a sign or something in quotes, and where it stands. */
final readonly class Token
{
    /**
     * @param  int  $at  bytes into the line
     * @param  string  $text  as it was written; of what is in quotes, what is in them
     * @param  string  $plain  in small letters, to be compared
     */
    public function __construct(public TokenSort $sort, public int $at, public int $length, public string $text, public string $plain) {}

    public function isWord(): bool
    {
        return $this->sort === TokenSort::Word;
    }

    public function isNumber(): bool
    {
        return $this->sort === TokenSort::Number;
    }

    /** A number as it was written, or as digits where it was spelled out; null where it is none. */
    public function figure(): ?string
    {
        $spelled = $this->isWord() ? SpelledNumber::of($this->plain) : null;

        return $this->isNumber() ? $this->text : ($spelled === null ? null : (string) $spelled);
    }

    public function is(string ...$words): bool
    {
        return $this->sort !== TokenSort::Quoted && in_array($this->plain, $words, true);
    }

    public function end(): int
    {
        return $this->at + $this->length;
    }
}
