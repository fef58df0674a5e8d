<?php

declare(strict_types=1);

namespace App\Words;

use App\Voice\Quantity;
use Marrow\Core\Planting\PlantingCourse;
use Marrow\Core\Selection\ParentChoice;
use Marrow\Core\Steps\Choosing\WalkedPlant;

/** What bears on which plants are kept as parents. */
final readonly class ChoosingWords
{
    public function __construct(private PlantingCourse $planting, private ParentChoice $choice) {}

    /** @return list<string> */
    public function said(): array
    {
        if ($this->planting->choosing->plants === []) {
            return [];
        }

        return array_values(array_filter([
            self::which('Struck out: %s. No parent, whatever else it has.', $this->choice->out),
            self::which('Not scored in all, so in no order: %s.', $this->choice->unscored),
            self::which('With more room, at a border or a gap, a plant looks better than it is: %s.', array_keys(array_filter($this->planting->choosing->plants, static fn (WalkedPlant $plant): bool => $plant->atEdge && $plant->out === null))),
            ...$this->rare(),
            $this->planting->choosing->setsItsOwnSeed() ? 'It sets its own seed: in a line that is settled choosing among plants gains nothing but what is struck out; among crosses that still split it does.' : '',
            $this->few(),
            'Equal seed from each keeps most of what there is.',
        ], static fn (string $one): bool => $one !== ''));
    }

    /** @return list<string> */
    private function rare(): array
    {
        $with = [];
        foreach ($this->planting->choosing->plants as $plant) {
            if ($plant->rare !== '' && $plant->out === null) {
                $with[mb_strtolower($plant->rare)][] = $plant->number;
            }
        }
        $said = [];
        foreach ($with as $rare => $plants) {
            if (array_intersect($plants, $this->planting->choosing->kept) === []) {
                $said[] = sprintf('%s: %s of those that were looked at (%s). Keep one in the mix, though it may score low.', mb_strtoupper(mb_substr((string) $rare, 0, 1)).mb_substr((string) $rare, 1), Quantity::number(count($plants), 'plant'), implode(', ', $plants));
            }
        }

        return $said;
    }

    private function few(): string
    {
        $kept = count($this->planting->choosing->kept);
        $parents = $this->planting->facts->crop->parents;

        return match (true) {
            $kept === 0 || $kept >= $parents->variety => '',
            $kept < $parents->bare => sprintf('%s: fewer than the crop bears (%d in need, %d to keep a variety as it is).', Quantity::number($kept, 'parent'), $parents->bare, $parents->variety),
            default => sprintf('%s: fewer than keep a variety as it is (%d); for a year in need it does.', Quantity::number($kept, 'parent'), $parents->variety),
        };
    }

    /** @param  list<int>  $plants */
    private static function which(string $words, array $plants): string
    {
        return $plants === [] ? '' : sprintf($words, implode(', ', $plants));
    }
}
