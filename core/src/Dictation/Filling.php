<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Journal\Subject;

/** A line read as if it told of one kind: what of it is which field, and what is left over. */
final class Filling
{
    /** Fields that take the words that nothing else took, the first of them that there is. */
    private const OPEN = ['text', 'what', 'how', 'words', 'why', 'reason', 'where', 'seen', 'answer'];

    /** @var array<string, mixed> as it would be typed, by field */
    public array $payload = [];

    public bool $named = false;

    /** Fields that were told with their own word or unit. */
    public int $told = 0;

    /** Whether words were taken for a text because nothing else took them. */
    private bool $isGuessed = false;

    /** @param  list<Field>  $fields */
    private function __construct(public readonly Kind $kind, public readonly array $fields, private readonly Line $line) {}

    /**
     * @param  list<Field>  $fields  as they are asked for here
     * @param  string  $act  what it is called here
     * @param  list<Token>  $tokens
     * @param  list<int>  $taken  that say of what, and when
     */
    public static function of(Kind $kind, array $fields, string $act, string $line, array $tokens, array $taken, Named $names): self
    {
        $filling = new self($kind, $fields, new Line($line, $tokens, $taken));
        $filling->payload = Assigned::in($filling->line, $fields);
        $filling->told = count($filling->payload);
        $filling->name($act);
        if ($filling->isOfWords() && $filling->payload === []) {
            $filling->restIsText();

            return $filling;
        }
        $filling->places($names);
        $filling->things($names);
        $figures = Figures::in($filling->line, array_values(array_filter($fields, static fn (Field $field): bool => ! array_key_exists($field->key, $filling->payload))), $filling->named);
        $filling->payload += $figures->payload;
        $filling->told += $figures->told;
        $filling->choices();
        $filling->people($names);
        $filling->flags();
        $filling->text();
        $filling->usual();

        return $filling;
    }

    /**
     * A line of which nothing was understood, as words.
     *
     * @param  list<Field>  $fields
     * @param  list<Token>  $tokens
     * @param  list<int>  $taken  that say of what, and when
     */
    public static function ofWords(Kind $kind, array $fields, string $line, array $tokens, array $taken): self
    {
        $filling = new self($kind, $fields, new Line($line, $tokens, $taken));
        $filling->named = true;
        $filling->restIsText();

        return $filling;
    }

    /** @return list<Field> that must be told and are not */
    public function missing(): array
    {
        return array_values(array_filter($this->fields, fn (Field $field): bool => $field->required && ! array_key_exists($field->key, $this->payload)));
    }

    /** @return list<Refused> lists in which a figure is wanting, or one too many */
    public function uneven(): array
    {
        $uneven = [];
        foreach ($this->fields as $field) {
            $told = $this->payload[$field->key] ?? null;
            if (is_array($told) && $field->each !== null && ! $field->each->grows && count($told) !== $field->each->count) {
                $uneven[] = Refused::at($field->key, sprintf('%s: there are %d of them, and %d %s told. Give one for each.', $field->subject(), $field->each->count, count($told), count($told) === 1 ? 'was' : 'were'));
            }
        }

        return $uneven;
    }

    /** @return list<string> words that say nothing here */
    public function leftOver(): array
    {
        return $this->line->leftOver();
    }

    /** Whether it says all that must be told, and nothing of the line is left over. */
    public function isWhole(): bool
    {
        return $this->missing() === [] && $this->leftOver() === [];
    }

    /** How much of the line it explains, and how much it would need besides. */
    public function score(): int
    {
        $figures = count(array_filter($this->line->tokens, static fn (Token $token): bool => $token->isNumber()));

        return ($this->named ? 90 + 10 * count($this->line->name) : 0) + 20 * $this->told - 30 * count($this->line->leftOver()) - 25 * count($this->missing()) - ($this->isGuessed ? 12 : 0) - ($figures > 0 && $this->isOfWords() ? 5 : 0);
    }

    /** Whether there is anything in the line from which one could know that this was done. */
    public function isMeant(): bool
    {
        return $this->named || $this->told > 0;
    }

    private function isOfWords(): bool
    {
        return $this->kind->isWords;
    }

    private function name(string $act): void
    {
        $best = [];
        foreach ([$this->kind->title, explode(',', $this->kind->title)[0], $this->kind->act, $act, ...$this->kind->called] as $phrase) {
            $at = Phrase::in($this->line->tokens, $this->line->used, $phrase);
            // "5 plants" are counted, and not planted.
            $isCount = count($at) === 1 && array_any($this->fields, fn (Field $field): bool => array_any($field->nouns(), fn (string $noun): bool => $this->line->tokens[$at[0]]->is($noun, "{$noun}s")));
            $best = count($at) > count($best) && ! $isCount ? $at : $best;
        }
        $this->named = $best !== [];
        $this->line->name = array_fill_keys($best, true);
        $this->line->use($best);
    }

    /** All that comes after its own word, as it was written. */
    private function restIsText(): void
    {
        $free = array_values(array_filter(array_keys($this->line->tokens), fn (int $i): bool => ! isset($this->line->used[$i])));
        while ($free !== [] && $this->line->tokens[$free[0]]->sort === TokenSort::Sign && in_array($this->line->tokens[$free[0]]->text, [':', ',', '-', '–', '.'], true)) {
            $this->line->use([array_shift($free)]);
        }
        $field = $this->openField();
        if ($field !== null && $free !== [] && $this->named) {
            $this->payload[$field->key] = $this->line->written($free);
            $this->line->use($free);
        }
    }

    private function openField(): ?Field
    {
        foreach (self::OPEN as $key) {
            foreach ($this->fields as $field) {
                if ($field->key === $key && ! $field->hidden && ! $field->isPerson && in_array($field->type, [FieldType::Text, FieldType::Prose], true) && ! isset($this->payload[$key])) {
                    return $field;
                }
            }
        }

        return null;
    }

    private function places(Named $names): void
    {
        foreach ($this->open(FieldType::Reference) as $field) {
            if ($field->of !== 'place') {
                continue;
            }
            $best = [];
            $id = null;
            foreach ($names->places as $name => $ids) {
                $at = Phrase::exactly($this->line->tokens, $this->line->used, (string) $name);
                if (count($at) > count($best)) {
                    [$best, $id] = [$at, count($ids) === 1 ? $ids[0] : null];
                }
            }
            if ($id !== null) {
                $this->payload[$field->key] = $id;
                $this->told++;
                $this->line->use($best);
            }
        }
    }

    /** "from L2" */
    private function things(Named $names): void
    {
        foreach ($this->open(FieldType::Reference) as $field) {
            foreach ($this->line->tokens as $i => $token) {
                $id = $token->sort === TokenSort::Code && $this->line->isFree($i) && Subject::from($field->of)->letter() === $token->text[0] ? $names->things[$token->text] ?? null : null;
                if ($id !== null) {
                    $this->payload[$field->key] = $id;
                    $this->told++;
                    $this->line->use([$i]);
                    break;
                }
            }
        }
    }

    /** "to Ada", "from the seed swap". */
    private function people(Named $names): void
    {
        foreach ($this->fields as $field) {
            $before = mb_strtolower(explode(' ', $field->label)[0]);
            // That it goes somewhere does not say what does.
            if (! $field->isPerson || $field->hidden || isset($this->payload[$field->key]) || ! $this->isMeant()) {
                continue;
            }
            foreach ($this->line->tokens as $i => $token) {
                if (! $token->is($before)) {
                    continue;
                }
                $at = [];
                for ($n = $i + 1; isset($this->line->tokens[$n]) && ! isset($this->line->used[$n]) && ! $this->line->tokens[$n]->isNumber() && $this->line->tokens[$n]->sort !== TokenSort::Sign && ($at === [] || $this->line->tokens[$n]->sort !== TokenSort::Quoted); $n++) {
                    $at[] = $n;
                }
                // Where seed goes to a place it goes to nobody.
                if ($at !== [] && $names->place($this->line->written($at)) === []) {
                    $this->payload[$field->key] = $this->line->written($at);
                    $this->told++;
                    $this->line->use([$i, ...$at]);
                    break;
                }
            }
            // "gave Ada 20 seeds"
            $at = isset($this->payload[$field->key]) || ! $this->named || $field->means === [] ? [] : array_keys(array_filter($this->line->tokens, fn (Token $token, int $i): bool => ! isset($this->line->used[$i]) && $token->isWord() && preg_match('/^\p{Lu}/u', $token->text) === 1, ARRAY_FILTER_USE_BOTH));
            if ($at !== []) {
                $this->payload[$field->key] = $this->line->written($at);
                $this->told++;
                $this->line->use($at);
            }
            foreach (isset($this->payload[$field->key]) ? $field->means : [] as $other => $value) {
                $this->payload[$other] ??= $value;
            }
        }
    }

    private function choices(): void
    {
        foreach ($this->open(FieldType::Choice) as $field) {
            $best = [];
            $chosen = null;
            foreach ($field->options as $key => $label) {
                $at = Phrase::in($this->line->tokens, array_diff_key($this->line->used, $this->line->name), (string) preg_replace('/[,:(].*/', '', $label));
                if (count($at) > count($best)) {
                    [$best, $chosen] = [$at, (string) $key];
                }
            }
            if ($chosen === null) {
                [$best, $chosen] = $this->byOneWord($field);
            }
            if ($chosen !== null) {
                $this->payload[$field->key] = $chosen;
                $this->told++;
                $this->line->use($best);
            }
        }
    }

    /** @return array{list<int>, ?string} a word that stands in one of the choices alone */
    private function byOneWord(Field $field): array
    {
        foreach ($this->line->tokens as $i => $token) {
            if ((isset($this->line->used[$i]) && ! isset($this->line->name[$i])) || ! $token->isWord() || Likeness::isQuiet($token->plain) || strlen($token->plain) < 3) {
                continue;
            }
            $of = array_keys(array_filter($field->options, static fn (string $label): bool => array_any(Phrase::words($label), static fn (string $word): bool => Likeness::are($token->plain, $word))));
            if (count($of) === 1) {
                return [[$i], (string) $of[0]];
            }
        }

        return [[], null];
    }

    private function flags(): void
    {
        foreach ($this->open(FieldType::Flag) as $field) {
            foreach ([...$field->spoken, $field->label] as $phrase) {
                $at = Phrase::in($this->line->tokens, $this->line->used, $phrase);
                if ($at !== []) {
                    $this->payload[$field->key] = true;
                    $this->told++;
                    $this->line->use($at);
                    break;
                }
            }
        }
    }

    /** Words that nothing else took, where it is said what was done. */
    private function text(): void
    {
        if (! $this->named) {
            return;
        }
        $must = array_values(array_filter($this->open(FieldType::Text), static fn (Field $field): bool => $field->required && ! $field->isPerson && ! in_array($field->key, self::OPEN, true)))[0] ?? null;
        if ($must !== null) {
            // "plant A, the earliest": what must be told comes first, and ends where a sign stands.
            $this->say($must, array_values(array_filter($this->runs(true)))[0] ?? []);
        }
        $field = $this->openField();
        $runs = $this->runs(false);
        usort($runs, static fn (array $a, array $b): int => count($b) <=> count($a));
        if ($field !== null) {
            $this->say($field, $runs[0] ?? []);
        }
    }

    /** @return list<list<int>> words one after another that nothing took, from the first that says something */
    private function runs(bool $endBySign): array
    {
        $runs = [];
        $run = [];
        foreach ($this->line->tokens as $i => $token) {
            $isSign = $token->sort === TokenSort::Sign;
            if (isset($this->line->used[$i]) || $token->isNumber() || ($isSign && $endBySign)) {
                [$runs[], $run] = [$run, []];
            } elseif ($run !== [] || (! $isSign && $this->line->isLoud($i))) {
                $run[] = $i;
            }
        }

        return [...$runs, $run];
    }

    /** @param  list<int>  $words */
    private function say(Field $field, array $words): void
    {
        while ($words !== [] && $this->line->tokens[$words[count($words) - 1]]->sort === TokenSort::Sign) {
            array_pop($words);
        }
        if ($words !== []) {
            $this->payload[$field->key] = $this->line->written($words);
            $this->isGuessed = true;
            $this->line->use($words);
        }
    }

    /** What a form would open with. */
    private function usual(): void
    {
        foreach ($this->fields as $field) {
            // A column that may be left out is, where the line says nothing of it.
            if (! array_key_exists($field->key, $this->payload) && $field->usual !== null && ($field->required || $field->each === null)) {
                $this->payload[$field->key] = $field->each === null ? (string) $field->usual : array_fill(0, max(1, $field->each->count), (string) $field->usual);
            }
        }
    }

    /** @return list<Field> of that type, of which nothing is told yet */
    private function open(FieldType $type): array
    {
        return array_values(array_filter($this->fields, fn (Field $field): bool => $field->type === $type && ! $field->hidden && ! array_key_exists($field->key, $this->payload)));
    }
}
