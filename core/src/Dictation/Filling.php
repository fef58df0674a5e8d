<?php

declare(strict_types=1);

namespace Marrow\Core\Dictation;

use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\FieldType;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Fields\Unit;
use Marrow\Core\Journal\Kind;

/** A line read as if it told of one kind: what of it is which field, and what is left over. */
final class Filling
{
    /** Fields that take the words that nothing else took, the first of them that there is. */
    private const OPEN = ['text', 'what', 'how', 'words', 'why', 'reason', 'where', 'seen', 'answer'];

    /** @var array<string, mixed> as it would be typed, by field */
    public array $payload = [];

    public bool $named = false;

    /** @var array<int, true> tokens by which it is named, which may say more besides: "netted" */
    private array $name = [];

    /** Fields that were told with their own word or unit. */
    public int $told = 0;

    /** Whether words were taken for a text because nothing else took them. */
    private bool $isGuessed = false;

    /** @var array<int, true> tokens that say something */
    private array $used;

    /**
     * @param  list<Field>  $fields
     * @param  list<Token>  $tokens
     * @param  list<int>  $taken  that say of what, and when
     */
    private function __construct(public readonly Kind $kind, public readonly array $fields, private readonly string $line, private readonly array $tokens, array $taken)
    {
        $this->used = array_fill_keys($taken, true);
    }

    /**
     * @param  list<Field>  $fields  as they are asked for here
     * @param  string  $act  what it is called here
     * @param  list<Token>  $tokens
     * @param  list<int>  $taken  that say of what, and when
     */
    public static function of(Kind $kind, array $fields, string $act, string $line, array $tokens, array $taken, Named $names): self
    {
        $filling = new self($kind, $fields, $line, $tokens, $taken);
        $filling->assigned();
        $filling->name($act);
        if ($filling->isOfWords() && $filling->payload === []) {
            $filling->restIsText();

            return $filling;
        }
        $filling->places($names);
        $filling->partsOfWhole();
        foreach ([self::byWordBefore(...), self::byWordBehind(...), self::byUnit(...), self::bare(...)] as $binds) {
            $filling->figures($binds);
        }
        $filling->choices();
        $filling->people($names);
        $filling->flags();
        $filling->text();
        $filling->usual();

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

    /** @return list<string> what says nothing here */
    public function leftOver(): array
    {
        $left = [];
        foreach ($this->tokens as $i => $token) {
            if (! isset($this->used[$i]) && $token->sort !== TokenSort::Sign && ! ($token->isWord() && Likeness::isQuiet($token->plain))) {
                $left[] = $token->text;
            }
        }

        return $left;
    }

    /** How much of the line it explains, and how much it would need besides. */
    public function score(): int
    {
        $figures = count(array_filter($this->tokens, static fn (Token $token): bool => $token->isNumber()));

        return ($this->named ? 90 + 10 * count($this->name) : 0) + 20 * $this->told - 30 * count($this->leftOver()) - 25 * count($this->missing()) - ($this->isGuessed ? 12 : 0) - ($figures > 0 && $this->isOfWords() ? 5 : 0);
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
            $at = Phrase::in($this->tokens, $this->used, $phrase);
            // "5 plants" are counted, and not planted.
            $isCount = count($at) === 1 && array_any($this->fields, fn (Field $field): bool => $field->noun !== '' && $this->tokens[$at[0]]->is($field->noun, "{$field->noun}s"));
            $best = count($at) > count($best) && ! $isCount ? $at : $best;
        }
        $this->named = $best !== [];
        $this->name = array_fill_keys($best, true);
        $this->use($best);
    }

    /** "it weighs = 41.2 g": told by its whole name. */
    private function assigned(): void
    {
        $starts = [];
        foreach ($this->fields as $n => $field) {
            $words = explode(' ', CanonicalLine::called($field));
            foreach (array_keys($this->tokens) as $i) {
                $end = $i + count($words);
                if (($this->tokens[$end] ?? null)?->is('=') !== true || ! array_all($words, fn (string $word, int $at): bool => $this->tokens[$i + $at]->plain === $word)) {
                    continue;
                }
                // Of two names of which one is the end of the other the longer is meant.
                if (! isset($starts[$end]) || $starts[$end][0] > $i) {
                    $starts[$end] = [$i, $n];
                }
            }
        }
        ksort($starts);
        $ends = array_keys($starts);
        foreach ($ends as $n => $end) {
            [$from, $which] = $starts[$end];
            $until = isset($ends[$n + 1]) ? $starts[$ends[$n + 1]][0] : count($this->tokens);
            $at = [];
            for ($i = $end + 1; $i < $until; $i++) {
                if (! isset($this->used[$i]) && ! $this->tokens[$i]->is(',')) {
                    $at[] = $i;
                }
            }
            if ($at !== []) {
                $this->payload[$this->fields[$which]->key] = $this->assignedTo($this->fields[$which], $at);
                $this->told++;
            }
            $this->use([...range($from, $end), ...$at]);
        }
    }

    /** @param  non-empty-list<int>  $at */
    private function assignedTo(Field $field, array $at): mixed
    {
        if ($field->each !== null) {
            $starts = array_values(array_filter($at, fn (int $i): bool => $this->tokens[$i]->isNumber() || $this->tokens[$i]->sort === TokenSort::Quoted));

            return array_map(fn (int $i): string => $this->tokens[$i]->isNumber() ? trim($this->tokens[$i]->text.' '.implode(' ', array_map(fn (int $one): string => $this->tokens[$one]->text, $this->unitAfter($field, $i)))) : $this->tokens[$i]->text, $starts);
        }
        $written = $this->written($at);
        if ($field->type === FieldType::Choice) {
            foreach ($field->options as $key => $label) {
                if (mb_strtolower($label) === mb_strtolower($written) || (string) $key === $written) {
                    return (string) $key;
                }
            }
        }

        return $field->type === FieldType::Flag ? in_array(mb_strtolower($written), ['yes', 'true', '1'], true) : $written;
    }

    /** All that comes after its own word, as it was written. */
    private function restIsText(): void
    {
        $free = array_values(array_filter(array_keys($this->tokens), fn (int $i): bool => ! isset($this->used[$i])));
        while ($free !== [] && $this->tokens[$free[0]]->sort === TokenSort::Sign && in_array($this->tokens[$free[0]]->text, [':', ',', '-', '–', '.'], true)) {
            $this->use([array_shift($free)]);
        }
        $field = $this->openField();
        if ($field !== null && $free !== [] && $this->named) {
            $this->payload[$field->key] = $this->written($free);
            $this->use($free);
        }
    }

    /** @param  non-empty-list<int>  $at  what was written there, as it was written */
    private function written(array $at): string
    {
        $first = $this->tokens[$at[0]];
        $last = $this->tokens[$at[count($at) - 1]];
        if ($first === $last) {
            return $first->text;
        }
        $text = substr($this->line, $first->at, $last->end() - $first->at);
        // What says of what and when stands at the ends, or it would not be in the middle of somebody's words.
        foreach (array_keys($this->tokens) as $i) {
            if (isset($this->used[$i]) && $i > $at[0] && $i < $at[count($at) - 1]) {
                $text = str_replace(substr($this->line, $this->tokens[$i]->at, $this->tokens[$i]->length), '', $text);
            }
        }

        return trim((string) preg_replace('/\s+/u', ' ', $text));
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
                $at = Phrase::exactly($this->tokens, $this->used, (string) $name);
                if (count($at) > count($best)) {
                    [$best, $id] = [$at, count($ids) === 1 ? $ids[0] : null];
                }
            }
            if ($id !== null) {
                $this->payload[$field->key] = $id;
                $this->told++;
                $this->use($best);
            }
        }
    }

    /** "3 of 40": of what was looked at first, so many. */
    private function partsOfWhole(): void
    {
        $counts = array_values(array_filter($this->fields, static fn (Field $field): bool => $field->type === FieldType::Integer && $field->each === null && $field->required && ! $field->hidden));
        if (count($counts) < 2) {
            return;
        }
        foreach ($this->tokens as $i => $token) {
            $next = $this->tokens[$i + 1] ?? null;
            $whole = $this->tokens[$i + 2] ?? null;
            if ($token->isNumber() && $next?->is('of', '/') === true && $whole?->isNumber() === true && ! isset($this->used[$i], $this->used[$i + 2])) {
                $this->payload[$counts[0]->key] = $whole->text;
                $this->payload[$counts[1]->key] = $token->text;
                $this->told += 2;
                $this->use([$i, $i + 1, $i + 2]);

                return;
            }
        }
    }

    /** @param  \Closure(self, Field, int): (list<int>|null)  $binds  the tokens of the figure at a place, where it is that field's */
    private function figures(\Closure $binds): void
    {
        foreach ($this->fields as $field) {
            if ($field->hidden || ! $field->type->isNumeric() || array_key_exists($field->key, $this->payload)) {
                continue;
            }
            foreach ($this->tokens as $i => $token) {
                if (! $token->isNumber() || isset($this->used[$i])) {
                    continue;
                }
                $at = $binds($this, $field, $i);
                if ($at === null) {
                    continue;
                }
                $this->told += $binds == self::bare(...) ? 0 : 1;
                $this->take($field, $i, $at);
                break;
            }
        }
    }

    /** @param  list<int>  $at  all that belongs to the figure at a place */
    private function take(Field $field, int $i, array $at): void
    {
        $unit = $this->unitAfter($field, $i);
        $figure = trim($this->tokens[$i]->text.' '.implode(' ', array_map(fn (int $one): string => $this->tokens[$one]->text, $unit)));
        $this->use([$i, ...$unit, ...$at]);
        if ($field->each === null) {
            $this->payload[$field->key] = $figure;

            return;
        }
        $list = [$figure];
        for ($next = max([$i, ...$unit]) + 1; isset($this->tokens[$next]); $next++) {
            if ($this->tokens[$next]->is(',', '+', 'and')) {
                continue;
            }
            if (! $this->tokens[$next]->isNumber() || isset($this->used[$next])) {
                break;
            }
            $more = $this->unitAfter($field, $next);
            $list[] = trim($this->tokens[$next]->text.' '.implode(' ', array_map(fn (int $one): string => $this->tokens[$one]->text, $more)));
            $this->use([$next, ...$more]);
            $next = max([$next, ...$more]);
        }
        $this->payload[$field->key] = $list;
    }

    /** @return list<int> the tokens after a number that are its unit, as far as it is one of the field */
    private function unitAfter(Field $field, int $i): array
    {
        foreach ([2, 1] as $many) {
            $at = range($i + 1, $i + $many);
            if (array_any($at, fn (int $one): bool => ! isset($this->tokens[$one]) || isset($this->used[$one]) || $this->tokens[$one]->isNumber())) {
                continue;
            }
            $words = array_map(fn (int $one): string => $this->tokens[$one]->plain, $at);
            foreach ([implode(' ', $words), implode('', $words)] as $unit) {
                if (Unit::into($field, 1.0, $unit) !== null && $unit !== '°') {
                    return $at;
                }
            }
        }

        return [];
    }

    /**
     * Its own word stands before it.
     *
     * @return list<int>|null
     */
    private static function byWordBefore(self $in, Field $field, int $i): ?array
    {
        return $in->byWord($field, $i, -1);
    }

    /**
     * Its own word stands behind it, or its unit is the noun: "20 seeds".
     *
     * @return list<int>|null
     */
    private static function byWordBehind(self $in, Field $field, int $i): ?array
    {
        $unit = $in->unitAfter($field, $i);

        return $in->byWord($field, $i, 1) ?? ($unit !== [] && $field->noun !== '' && Likeness::are($in->tokens[$unit[0]]->plain, $field->noun) ? [] : null);
    }

    /** @return list<int>|null */
    private function byWord(Field $field, int $i, int $side): ?array
    {
        $unit = $this->unitAfter($field, $i);
        if ($unit === [] && $this->hasOtherUnit($i)) {
            return null;
        }
        $words = [...$field->spoken, ...array_slice(Phrase::words($field->label), 0, 1), ...($field->noun === '' ? [] : [$field->noun]), ...($field->unit === '°C' ? ['temp', 'temperature'] : [])];
        foreach ([true, false] as $pastName) {
            $beside = $this->loud($side < 0 ? $i : max([$i, ...$unit]), $side, $pastName);
            if ($beside !== null && (! isset($this->used[$beside]) || isset($this->name[$beside])) && $this->tokens[$beside]->isWord() && array_any($words, fn (string $word): bool => Likeness::are($this->tokens[$beside]->plain, $word))) {
                return [$beside];
            }
        }

        return null;
    }

    /** @return list<int>|null */
    private static function byUnit(self $in, Field $field, int $i): ?array
    {
        // Of several figures one may be of another thing: a list is told by its word, or by what was done.
        return $in->unitAfter($field, $i) === [] || ($field->each !== null && ! $in->named) ? null : [];
    }

    /**
     * A number alone, where it is said what was done.
     *
     * @return list<int>|null
     */
    private static function bare(self $in, Field $field, int $i): ?array
    {
        return $in->named && $field->required && ! $in->hasOtherUnit($i) && $in->unitAfter($field, $i) === [] ? [] : null;
    }

    /** Whether what stands after a number is a unit, of whatever. */
    private function hasOtherUnit(int $i): bool
    {
        $next = $this->tokens[$i + 1] ?? null;

        return $next !== null && ($next->is('%', '°') || ($next->isWord() && ! Likeness::isQuiet($next->plain) && Unit::isKnown($next->plain)));
    }

    /**
     * The next token on one side that says something.
     *
     * @param  bool  $pastName  whether what names the deed may stand between
     */
    private function loud(int $from, int $step, bool $pastName): ?int
    {
        for ($i = $from + $step; isset($this->tokens[$i]); $i += $step) {
            // "12 fruits of 5 plants": the word before belongs to the figure before.
            if ($step < 0 && $this->tokens[$i]->is('of')) {
                return null;
            }
            // "2 sick plants": what names the deed stands between.
            if ($this->tokens[$i]->is(':', '=') || ($pastName && isset($this->used[$i]) && $step > 0) || ($this->tokens[$i]->isWord() && Likeness::isQuiet($this->tokens[$i]->plain))) {
                continue;
            }

            return $i;
        }

        return null;
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
            foreach ($this->tokens as $i => $token) {
                if (! $token->is($before)) {
                    continue;
                }
                $at = [];
                for ($n = $i + 1; isset($this->tokens[$n]) && ! isset($this->used[$n]) && ! $this->tokens[$n]->isNumber() && $this->tokens[$n]->sort !== TokenSort::Sign && ($at === [] || $this->tokens[$n]->sort !== TokenSort::Quoted); $n++) {
                    $at[] = $n;
                }
                // Where seed goes to a place it goes to nobody.
                if ($at !== [] && $names->place($this->written($at)) === []) {
                    $this->payload[$field->key] = $this->written($at);
                    $this->told++;
                    $this->use([$i, ...$at]);
                    break;
                }
            }
            // "gave Ada 20 seeds"
            $at = isset($this->payload[$field->key]) || ! $this->named || $field->means === [] ? [] : array_keys(array_filter($this->tokens, fn (Token $token, int $i): bool => ! isset($this->used[$i]) && $token->isWord() && preg_match('/^\p{Lu}/u', $token->text) === 1, ARRAY_FILTER_USE_BOTH));
            if ($at !== []) {
                $this->payload[$field->key] = $this->written($at);
                $this->told++;
                $this->use($at);
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
                $at = Phrase::in($this->tokens, array_diff_key($this->used, $this->name), (string) preg_replace('/[,:(].*/', '', $label));
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
                $this->use($best);
            }
        }
    }

    /** @return array{list<int>, ?string} a word that stands in one of the choices alone */
    private function byOneWord(Field $field): array
    {
        foreach ($this->tokens as $i => $token) {
            if ((isset($this->used[$i]) && ! isset($this->name[$i])) || ! $token->isWord() || Likeness::isQuiet($token->plain) || strlen($token->plain) < 3) {
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
                $at = Phrase::in($this->tokens, $this->used, $phrase);
                if ($at !== []) {
                    $this->payload[$field->key] = true;
                    $this->told++;
                    $this->use($at);
                    break;
                }
            }
        }
    }

    /** Words that nothing else took, where it is said what was done. */
    private function text(): void
    {
        $field = $this->named ? $this->openField() : null;
        if ($field === null) {
            return;
        }
        $runs = [];
        $run = [];
        foreach ($this->tokens as $i => $token) {
            if (isset($this->used[$i]) || $token->isNumber()) {
                [$runs[], $run] = [$run, []];
            } elseif ($run !== [] || ($token->sort !== TokenSort::Sign && ! ($token->isWord() && Likeness::isQuiet($token->plain)))) {
                $run[] = $i;
            }
        }
        $runs[] = $run;
        usort($runs, static fn (array $a, array $b): int => count($b) <=> count($a));
        $longest = $runs[0];
        while ($longest !== [] && $this->tokens[$longest[count($longest) - 1]]->sort === TokenSort::Sign) {
            array_pop($longest);
        }
        if ($longest !== []) {
            $this->payload[$field->key] = $this->written($longest);
            $this->isGuessed = true;
            $this->use($longest);
        }
    }

    /** What a form would open with. */
    private function usual(): void
    {
        foreach ($this->fields as $field) {
            if (! array_key_exists($field->key, $this->payload) && $field->usual !== null) {
                $this->payload[$field->key] = $field->each === null ? (string) $field->usual : array_fill(0, max(1, $field->each->count), (string) $field->usual);
            }
        }
    }

    /** @return list<Field> of that type, of which nothing is told yet */
    private function open(FieldType $type): array
    {
        return array_values(array_filter($this->fields, fn (Field $field): bool => $field->type === $type && ! $field->hidden && ! array_key_exists($field->key, $this->payload)));
    }

    /** @param  list<int>  $at */
    private function use(array $at): void
    {
        $this->used += array_fill_keys($at, true);
    }
}
