<?php

declare(strict_types=1);

namespace Marrow\Core\Settings;

use Marrow\Core\Cleaning\Sieve;
use Marrow\Core\Drying\DesiccantAtHand;
use Marrow\Core\Fields\Choice;
use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Fields\Refused;
use Marrow\Core\Year\FrostComes;
use Marrow\Core\Year\Frosts;
use Marrow\Core\Year\GardenYear;

/** The keeper's settings that the core goes by; what is not set is as the list of settings has it. */
final readonly class Practice
{
    /** Share from which seed is sown as usual. */
    public float $good;

    /** Share below which it is not relied on. */
    public float $poor;

    /** Taken for seed that has never been tested: what sound fresh seed usually gives. */
    public float $untestedShare;

    /** When it freezes, and which months what grows here goes by. */
    public GardenYear $year;

    /** @param  array<string, mixed>  $set  by key of the setting; what cannot be read is left as the list has it */
    public function __construct(private array $set = [])
    {
        $this->good = $this->number('good');
        $this->poor = min($this->good, $this->number('poor'));
        $this->untestedShare = $this->number('untested_share');
        $this->year = new GardenYear(
            $this->latitude(),
            new Frosts($this->word('last_frost'), $this->word('first_frost'), FrostComes::from($this->word('frost'))),
            SettingList::month($this->word('warm_from')),
            SettingList::month($this->word('cool_from')),
            $this->numberOr('coolest'),
        );
    }

    /** Degrees; null where it is not set. */
    public function latitude(): ?float
    {
        return $this->numberOr('latitude');
    }

    /** Degrees; null where it is not set. */
    public function longitude(): ?float
    {
        return $this->numberOr('longitude');
    }

    /** A setting that is a number. */
    public function number(string $key): float
    {
        return $this->numberOr($key) ?? throw new \LogicException("The setting $key is no number.");
    }

    /** One that may be left open; null where it is. */
    private function numberOr(string $key): ?float
    {
        $value = $this->value($key);

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    /** A setting that is one of a few words. */
    public function word(string $key): string
    {
        return self::said($this->value($key));
    }

    /** The same, as it is for one crop where that is another. */
    public function wordFor(string $key, string $crop): string
    {
        $own = SettingList::field("$key:$crop") === null ? '' : self::said($this->value("$key:$crop"));

        return $own === '' ? $this->word($key) : $own;
    }

    private static function said(mixed $value): string
    {

        return $value instanceof Choice ? (string) $value->value : (is_string($value) ? $value : '');
    }

    /** @return list<Sieve> the keeper's own */
    public function screens(): array
    {
        try {
            return Sieve::written($this->word('screens'));
        } catch (InvalidFigure) {
            return [];
        }
    }

    /** @return ?DesiccantAtHand the one of the keeper's that dries furthest; null where there is none */
    public function desiccant(): ?DesiccantAtHand
    {
        try {
            return DesiccantAtHand::best(DesiccantAtHand::written($this->word('desiccants')));
        } catch (InvalidFigure) {
            return null;
        }
    }

    private function value(string $key): mixed
    {
        $field = SettingList::field($key) ?? throw new \LogicException("There is no setting $key.");
        $set = $this->set[$key] ?? '';
        if ($set === '') {
            return $key === 'latitude' ? $field->default : SettingList::usual($key, $this->latitude());
        }
        try {
            return $field->read($set);
        } catch (Refused) {
            return $field->default;
        }
    }
}
