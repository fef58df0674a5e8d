<?php

declare(strict_types=1);

namespace Marrow\Core\Intake;

use Marrow\Core\Botany\VarietyType;
use Marrow\Core\Fields\Field;
use Marrow\Core\Fields\Reading;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Journal\Kind;
use Marrow\Core\Steps\Origin\Received;
use Marrow\Core\Steps\Storing\ContainerKind;

/**
 * Reads a line of a list of seed, however it was written. What cannot be read is never guessed: it is left unknown and said,
 * and what was written is kept in the note.
 */
final readonly class LineReader
{
    /** What a variety without a name is called where it stands. */
    public const UNNAMED = '/^name unknown( \d+)?$/i';

    /** Years; what is written of older seed is a slip. */
    private const OLDEST = 60;

    /**
     * @param  string  $today  Y-m-d
     * @param  ?bool  $monthFirst  the custom of the writer for 9/4/2026; null where it is not known
     * @param  string  $massUnit  of a bare number under a heading without a unit
     */
    public function __construct(
        private CropNames $crops,
        private KnownNames $known,
        private string $today,
        private ?bool $monthFirst = null,
        private string $massUnit = 'g',
    ) {}

    /**
     * @param  array<string, string>  $cells  what was written, by column
     * @param  array<string, string>  $units  that a heading gives to bare numbers, by column
     */
    public function read(array $cells, array $units = []): Line
    {
        $line = new Cells($cells);
        [$crop, $name] = $this->crop($line);
        if ($crop === null) {
            return new Line(null, $line->doubts());
        }
        $variety = $name === '' ? null : $this->known->variety($crop, $name);
        $code = $line->text(Column::Code);
        if ($code !== '' && $this->known->isLotOf($code, $crop, $name)) {
            return new Line(null, [new CellDoubt(Column::Code, "$code stands already: it is not taken in again.")], mb_strtoupper($code));
        }
        $type = $this->type($line, $name);
        [$year, $packedFor] = $this->years($line);
        [$seeds, $grams, $about] = $this->amount($line, $units);
        [$claimed, $claimedOn, $claimedOf] = $this->test($line);
        $cameOn = $this->cameOn($line);
        [$place, $container] = $this->whereabouts($line);
        $treated = $line->text(Column::Treated);
        $isOwn = self::isOwn($line->text(Column::From)) || self::isOwn($line->text(Column::How));
        $received = new Received(
            $isOwn ? 'own' : $this->how($line),
            $isOwn && self::isOwn($line->text(Column::From)) ? '' : $this->fitting($line, Column::From, 'from'),
            $year,
            $packedFor,
            $this->fitting($line, Column::Packet, 'packet'),
            $claimed,
            $claimedOn,
            $seeds,
            $grams,
            Written::isYes($treated),
            $this->fitting($line, Column::Terms, 'terms'),
            $claimedOf,
            $about,
        );
        try {
            $received->check();
        } catch (Refused $refused) {
            $line->doubt(Column::tryFrom($refused->path) ?? Column::Year, $refused->getMessage(), stops: true);
        }
        $line->remark(Column::Note, $line->text(Column::Note));
        $doubts = $line->doubts();
        $stops = array_filter($doubts, static fn (CellDoubt $doubt): bool => $doubt->stops) !== [];

        return new Line($stops ? null : new Packet($crop, $variety, $name, $type, Written::generation($line->text(Column::Type)), $received, $cameOn, $container, KnownNames::path($place), $line->note()), $doubts);
    }

    /** @return array{?string, string} key of the crop, and the name of the variety */
    private function crop(Cells $line): array
    {
        $written = $line->text(Column::Crop);
        $name = $this->name($line);
        if ($written === '') {
            $latin = $line->text(Column::Latin);
            if ($latin !== '') {
                return [$this->meant($line, Column::Latin, $latin), $name];
            }
            $of = $name === '' ? [] : $this->known->cropsOf($name);
            if (count($of) === 1) {
                return [$of[0], $name];
            }
            $within = $name === '' ? null : $this->crops->within($name);
            if ($within !== null) {
                return [$within[0], $within[1]];
            }
            $line->doubt(Column::Crop, $name === '' ? 'Which crop is it?' : "Which crop is “{$name}” of?", stops: true);

            return [null, ''];
        }
        $meant = $this->crops->of($written);
        if ($meant->crop === null && $meant->names === [] && $name === '') {
            // "Tomato Sluice Gate" under one heading.
            $within = $this->crops->within($written);
            if ($within !== null) {
                return [$within[0], $within[1]];
            }
        }

        return [$this->meant($line, Column::Crop, $written), $name];
    }

    private function meant(Cells $line, Column $column, string $written): ?string
    {
        $meant = $this->crops->of($written);
        if ($meant->crop !== null) {
            if (! $meant->sure) {
                $line->doubt($column, sprintf('%s is taken as %s.', self::quoted($written), $this->crops->name($meant->crop)), instead: [$this->crops->name($meant->crop)]);
            }

            return $meant->crop;
        }
        $line->doubt($column, $meant->names === [] ? "The handbook has no crop called “{$written}”. Add it there, or write what it is most like." : "“{$written}” may mean several crops. Which is it?", stops: true, instead: $meant->names);

        return null;
    }

    private function name(Cells $line): string
    {
        $name = $line->text(Column::Variety);
        if (Written::isNotKnown($name) || preg_match(self::UNNAMED, $name) === 1) {
            return '';
        }
        if (mb_strlen($name) > 80) {
            $line->doubt(Column::Variety, 'The name is too long: at most 80 letters. The whole of it is in the note.');
            $line->remark(Column::Variety, $name);

            return trim(mb_substr($name, 0, 80));
        }

        return $name;
    }

    private function type(Cells $line, string $name): ?VarietyType
    {
        $written = $line->text(Column::Type);
        $type = Written::type($written);
        if ($type === null && ! Written::isNotKnown($written)) {
            if (in_array(mb_strtolower($written), ['yes', 'y', 'x', 'true', '1', 'ja', 'j', 'oui', 'o', 'sí', 'si', 'sì'], true)) {
                // Under a heading like "Hybrid".
                return VarietyType::Hybrid;
            }
            if (! in_array(mb_strtolower($written), ['no', 'n', 'false', '0', 'nein', 'non', 'nee'], true)) {
                $line->doubt(Column::Type, "What “{$written}” says of the variety is not known; it is in the note.");
                $line->remark(Column::Type, $written);
            }
        }

        return $type ?? (preg_match('/\bF[ -]?1\b|\bhybrid\b/i', $name) === 1 ? VarietyType::Hybrid : null);
    }

    /** @return array{?int, ?int} year it ripened in, and year it was packed for */
    private function years(Cells $line): array
    {
        $now = (int) substr($this->today, 0, 4);
        $years = [null, null];
        foreach ([Column::Year, Column::PackedFor] as $at => $column) {
            $written = $line->text($column);
            if (Written::isNotKnown($written)) {
                continue;
            }
            $year = Written::year($written, $now);
            $isPackedFor = $column === Column::PackedFor || Written::isPackedFor($written);
            if ($year === null) {
                $line->doubt($column, self::quoted($written).' tells no year: it is taken as not known, and stands in the note.');
                $line->remark($column, $written);
            } elseif ($now - $year > self::OLDEST) {
                $line->doubt($column, sprintf('%s would be %d years ago. Is the year right?', self::quoted($written), $now - $year), stops: true, instead: array_values(array_map(strval(...), array_filter([2000 + $year % 100, 1900 + $year % 100], static fn (int $one): bool => $one <= $now && $now - $one <= self::OLDEST))));
            } elseif (! $isPackedFor && $year > $now) {
                $line->doubt($column, sprintf('It is %d now: seed cannot have ripened in %d.', $now, $year), stops: true, instead: [(string) $now]);
            } elseif ($isPackedFor && $year > $now + 2) {
                $line->doubt($column, sprintf('Packed for %d? It is %d now.', $year, $now), stops: true);
            } else {
                if (preg_match('~\d{2,4}\s*[/–-]\s*[’\']?\d{2,4}~u', $written) === 1 && $this->day($written) === null) {
                    $line->doubt($column, sprintf('%s is taken as %d.', self::quoted($written), $year));
                }
                $years[$isPackedFor ? 1 : $at] ??= $year;
            }
        }

        return $years;
    }

    /**
     * @param  array<string, string>  $units
     * @return array{?int, ?float, bool} seeds, g, and whether that is only about right
     */
    private function amount(Cells $line, array $units): array
    {
        $seeds = $grams = null;
        $about = false;
        foreach ([Column::Seeds, Column::Mass, Column::Amount] as $column) {
            $written = $line->text($column);
            if (Written::isSome($written)) {
                if (Written::saysMore($written)) {
                    $line->remark($column, $written);
                }

                continue;
            }
            $unit = $units[$column->value] ?? ($column === Column::Mass ? $this->massUnit : '');
            $isGrams = Written::grams($written, $unit === 'seeds' ? '' : $unit);
            $isSeeds = $column === Column::Mass || $isGrams !== null ? null : Written::seeds($written);
            if ($isGrams === null && $isSeeds === null) {
                $line->doubt($column, self::isNegative($written) ? 'There cannot be less than none.' : self::quoted($written).' tells no number of seeds and no mass: taken as “some”, and stands in the note.', stops: self::isNegative($written));
                $line->remark($column, $written);
            }
            if (Written::isAbout($written) && ($isGrams ?? $isSeeds) !== null) {
                $about = true;
                $line->remark($column, $written);
            }
            $grams ??= $isGrams;
            $seeds ??= $isSeeds;
        }

        return [$seeds, $grams, $about];
    }

    private static function isNegative(string $written): bool
    {
        return preg_match('/^[-\x{2212}]\s*\d/u', $written) === 1 || preg_match('/^0+([.,]0+)?(\s*[a-z]*)?$/i', $written) === 1;
    }

    /** @return array{?float, ?string, ?int} share, day, and of how many seeds */
    private function test(Cells $line): array
    {
        $written = $line->text(Column::Germinates);
        $day = $line->text(Column::TestedOn);
        // "85 % (3.10.2025)" in one cell.
        if ($day === '' && preg_match('/^(.*?)[\s,;(]+(?:on |in )?([^()%]*\d{4}[^()%]*)\)?$/u', $written, $part) === 1) {
            [$written, $day] = [trim($part[1]), trim($part[2])];
        }
        $share = Written::isUntested($written) ? null : Written::share($written);
        $of = Written::counted(str_replace(',', '.', $written))[1] ?? null;
        if ($share === null && ! Written::isUntested($written)) {
            $line->doubt(Column::Germinates, self::quoted($written).' tells no share that germinates: it is taken as not known, and stands in the note.');
            $line->remark(Column::Germinates, $written);
        }
        if (Written::isUntested($day)) {
            return [$share, null, $of];
        }
        $on = $this->day($day) ?? $this->roughly($line, $day);
        if ($on === null || $share === null || $on > $this->today) {
            if ($on !== null && $on > $this->today) {
                $line->doubt(Column::TestedOn, self::quoted($day).' is still to come: it is left out, and stands in the note.');
            } elseif ($on === null) {
                $line->doubt(Column::TestedOn, self::quoted($day).' is no day that can be told for sure: it is left out, and stands in the note.');
            }
            $line->remark(Column::TestedOn, $day);
            $on = null;
        }

        return [$share, $on, $of];
    }

    /** A test of a month or a year is one of its middle, and that is said. */
    private function roughly(Cells $line, string $written): ?string
    {
        $month = preg_match('/^(?:1[0-2]|0?[1-9])[.\/-]((?:19|20)\d{2})$|^((?:19|20)\d{2})-(\d{2})$/', $written) === 1;
        $day = match (true) {
            preg_match('/^(?:19|20)\d{2}$/', $written) === 1 => "$written-07-01",
            preg_match('/^(1[0-2]|0?[1-9])[.\/-]((?:19|20)\d{2})$/', $written, $part) === 1 => sprintf('%s-%02d-15', $part[2], $part[1]),
            preg_match('/^((?:19|20)\d{2})-(0[1-9]|1[0-2])$/', $written, $part) === 1 => "$part[1]-$part[2]-15",
            default => $month ? null : $this->day("15 $written"),
        };
        if ($day === null) {
            return null;
        }
        // Of this year's, what is past of it.
        $day = $day > $this->today && substr($day, 0, 4) === substr($this->today, 0, 4) ? $this->today : $day;
        if ($day <= $this->today) {
            $line->doubt(Column::TestedOn, sprintf('%s is taken as %s.', self::quoted($written), (new \DateTimeImmutable($day))->format('j F Y')));
        }

        return $day;
    }

    /** Whether it says that the seed is the keeper's own. */
    private static function isOwn(string $written): bool
    {
        return preg_match('/^(?:my |our |from )?(?:own|own seed|own garden|self|me|myself|mine|saved|home|home saved|homegrown|home-grown|us|ours|selbst|eigen|eigene|eigenes|eigene ernte|eigenes saatgut|selbst geerntet|propre|maison|de moi|récolte perso|propia|propio|propria|proprio|casa|zelf|eigen oogst|eigen zaad)\.?$/iu', trim($written)) === 1;
    }

    private function cameOn(Cells $line): ?string
    {
        $written = $line->text(Column::CameOn);
        if (Written::isNotKnown($written)) {
            return null;
        }
        $day = $this->day($written);
        if ($day === null || $day > $this->today || $day < '1950-01-01') {
            $line->doubt(Column::CameOn, $day !== null && $day > $this->today ? self::quoted($written).' is still to come: today is taken.' : self::quoted($written).' is no day that can be told for sure: today is taken, and it stands in the note.');
            $line->remark(Column::CameOn, $written);

            return null;
        }

        return $day;
    }

    private function how(Cells $line): string
    {
        $written = mb_strtolower($line->text(Column::How));
        /** @var array<string, list<string>> $words */
        $words = ['bought' => ['bought', 'purchas', 'shop', 'buy', 'gekauft', 'achet', 'comprad', 'comprat', 'gekocht'], 'swapped' => ['swap', 'exchange', 'trade', 'tausch', 'échang', 'intercambi', 'scambi', 'geruild'], 'trial' => ['trial', 'test'], 'given' => ['giv', 'gift', 'present', 'donat', 'geschenk', 'cadeau', 'regal', 'donn', 'gekregen'], 'found' => ['found', 'cupboard', 'have', 'gefunden', 'trouv']];
        foreach ($words as $how => $said) {
            foreach ($said as $word) {
                if (str_contains($written, $word)) {
                    return $how;
                }
            }
        }
        if (! Written::isNotKnown($written)) {
            $line->doubt(Column::How, self::quoted($line->text(Column::How)).' does not say how it came: taken as found in the cupboard, and in the note.');
            $line->remark(Column::How, $line->text(Column::How));
        }

        return 'found';
    }

    /** @return array{string, ContainerKind} */
    private function whereabouts(Cells $line): array
    {
        $place = $line->text(Column::Place);
        if (array_filter(KnownNames::path($place), static fn (string $part): bool => mb_strlen($part) > 60) !== []) {
            $line->doubt(Column::Place, 'The name of the place is too long: at most 60 letters.', stops: true);
        }
        $written = $line->text(Column::Container);
        $kind = ContainerKind::spokenOf($written);
        if ($kind === null && ! Written::isNotKnown($written)) {
            $line->doubt(Column::Container, self::quoted($written).' is taken as a paper envelope, which breathes, and stands in the note.', instead: array_map(static fn (ContainerKind $kind): string => $kind->label(), [ContainerKind::Jar, ContainerKind::FoilPouch, ContainerKind::Box]));
            $line->remark(Column::Container, $written);
        }

        return [Written::isNotKnown($place) ? '' : $place, $kind ?? ContainerKind::PaperEnvelope];
    }

    /** A text within the bounds of its field; what is longer is in the note. */
    private function fitting(Cells $line, Column $column, string $field): string
    {
        $most = (int) self::field($field)->max;
        $text = $line->text($column);
        if (mb_strlen($text) <= $most) {
            return Written::isNotKnown($text) ? '' : $text;
        }
        $line->doubt($column, sprintf('It is longer than %d letters; the whole of it is in the note.', $most));
        $line->remark($column, $text);

        return trim(mb_substr($text, 0, $most));
    }

    /** What was written, as a message speaks of it. */
    private static function quoted(string $written): string
    {
        return '“'.mb_strimwidth($written, 0, 40, '…').'”';
    }

    private static function field(string $key): Field
    {
        return Kind::declared(Received::class)->fields->field($key);
    }

    private function day(string $text): ?string
    {
        return Written::day(Reading::cleaned($text), $this->monthFirst);
    }
}
