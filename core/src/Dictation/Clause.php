<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

use DateTimeImmutable;

/** One record of a line: of what it speaks, when that was, and the words that say what. */
final readonly class Clause
{
    /** Before these a code says where something came from, and not of what is spoken. */
    private const NOT_OF = ['from', 'with', 'pollen'];

    /**
     * @param  list<Token>  $tokens
     * @param  list<string>  $codes  of what is spoken of
     * @param  list<int>  $taken  the tokens that say of what, and when
     */
    private function __construct(public string $text, public array $tokens, public array $codes, public array $taken, public SpokenTime $time) {}

    /** @param  ?bool  $monthFirst  how 9/4/2026 is meant; null where that is not known */
    public static function of(string $text, DateTimeImmutable $now, ?bool $monthFirst = null): self
    {
        $tokens = Tokens::of($text);
        $time = SpokenTime::in($text, $tokens, $now, $monthFirst);
        $codes = $taken = [];
        foreach ($tokens as $i => $token) {
            // "lot 7", "planting 4".
            $letter = ['lot' => 'L', 'planting' => 'P'][$token->plain] ?? null;
            if ($letter !== null && $token->isWord() && preg_match('/^\d{1,6}$/', ($tokens[$i + 1] ?? null)?->figure() ?? '') === 1) {
                $codes[] = $letter.$tokens[$i + 1]->figure();
                array_push($taken, $i, $i + 1);
            }
            if ($token->sort === TokenSort::Code && ! ($i > 0 && $tokens[$i - 1]->is(...self::NOT_OF))) {
                $codes[] = $token->text;
                $taken[] = $i;
                // "L7:" and "L7, L9".
                if (isset($tokens[$i + 1]) && $tokens[$i + 1]->is(':', ',')) {
                    $taken[] = $i + 1;
                }
            }
        }

        return new self($text, $tokens, array_values(array_unique($codes)), array_values(array_unique([...$taken, ...$time->tokens])), $time);
    }

    /**
     * The same, with other words in it that say of what it speaks.
     *
     * @param  list<int>  $tokens
     */
    public function naming(array $tokens): self
    {
        return new self($this->text, $this->tokens, $this->codes, array_values(array_unique([...$this->taken, ...$tokens])), $this->time);
    }

    /** The same, its codes read as what something comes from: "sown 12 of L2". */
    public function source(): self
    {
        return new self($this->text, $this->tokens, [], array_values(array_filter($this->taken, fn (int $i): bool => $this->tokens[$i]->sort !== TokenSort::Code)), $this->time);
    }

    /** The same where nothing else is named: it is of that from which something was taken. "took 20 from L2" */
    public function ofSource(): self
    {
        $at = array_keys(array_filter($this->tokens, static fn (Token $token): bool => $token->sort === TokenSort::Code));

        return new self($this->text, $this->tokens, array_values(array_unique(array_map(fn (int $i): string => $this->tokens[$i]->text, $at))), array_values(array_unique([...$this->taken, ...$at])), $this->time);
    }

    /** Whether it says more than of what and when: else it is sought, and not recorded. */
    public function saysMore(): bool
    {
        return array_any(array_keys($this->tokens), fn (int $i): bool => ! in_array($i, $this->taken, true) && $this->tokens[$i]->sort !== TokenSort::Sign);
    }
}
