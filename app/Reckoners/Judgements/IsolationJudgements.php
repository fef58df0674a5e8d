<?php

declare(strict_types=1);

namespace App\Reckoners\Judgements;

use App\Reckoners\Asked;
use App\Reckoners\Judgement;
use App\Reckoners\Judges;
use App\Voice\Figures;
use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropReference;
use Marrow\Core\Botany\CrossStrength;
use Marrow\Core\Isolation\Protection;

/** Whether two plantings cross, and what to do about it. */
final readonly class IsolationJudgements implements Judges
{
    public static function families(): array
    {
        return ['isolation' => 'Isolation'];
    }

    private const SURE = 'A simple model with usual distances: wind, bees and weather can make it three times more or less. It shows in the next generation, not in this fruit (grains of maize and peas excepted).';

    public function __construct(private CropReference $crops) {}

    public function of(Asked $asked): Judgement
    {
        return match ($asked->name) {
            'isolation.pair' => $this->pair($asked),
            'isolation.garden' => self::garden($asked),
            'isolation.remedies' => self::remedies($asked),
            default => throw new \LogicException("No judgement for $asked->name."),
        };
    }

    private static function garden(Asked $asked): Judgement
    {
        $risk = $asked->count('at_risk');
        $worst = $asked->words('plantings')[0] ?? null;

        return new Judgement(
            $risk === 0 ? 'Every planting kept for seed is within its share.' : sprintf('%s over what is allowed; look at %s first.', Figures::count($risk, 'planting is', 'plantings are'), $worst ?? 'it'),
            $worst === null ? 'Nothing in the plan is kept for seed.' : sprintf('The most at risk, %s, may expect %s crossed seed.', $worst, Figures::about($asked->list('shares')[0] ?? 0.0)),
            self::SURE,
        );
    }

    private static function remedies(Asked $asked): Judgement
    {
        if (! $asked->yes('possible')) {
            return new Judgement('Nothing that is allowed keeps them all true.', 'In the way: '.implode(', ', $asked->words('obstacles')).'.', 'Allow a cage, bags or leaving one out, or more crossing.');
        }
        $measures = $asked->words('measures');

        return new Judgement(
            $measures === [] ? 'Nothing needs doing.' : sprintf('%s will do.', Figures::count(count($measures), 'measure')),
            $measures === [] ? 'Every planting kept for seed is within its share.' : 'It takes about '.Figures::round($asked->figure('cost'), 2).' mornings of work, everything told.',
            $asked->yes('cheapest') ? 'No cheaper set of the measures allowed would do.' : 'The best that was found in the time; there may be a cheaper one.',
        );
    }

    private function pair(Asked $asked): Judgement
    {
        $kept = $this->crops->get($asked->in->text('crop'));
        $source = $asked->in->has('source') ? $this->crops->get($asked->in->text('source')) : $kept;
        $share = Figures::about($asked->figure('share'));
        if ($asked->word('crosses') === 'never') {
            return new Judgement(
                'They do not cross: plant them as you like.',
                self::whyNever($kept, $source),
                'Sure as such things go. Check the Latin name on the packet: common names mislead.',
            );
        }
        $protection = Protection::from($asked->in->text('protection'));
        if ($protection->keepsOut($kept)) {
            return $kept->isWindBorne()
                ? new Judgement('No foreign pollen gets in, as long as the cover is pollen-tight.', 'The wind carries its pollen: paper bags or closely woven cloth keep it out, gauze and insect mesh do not. Inside, '.($kept->setsBagged() ? 'it sets by hand or by itself.' : 'a single bagged plant sets next to nothing: cover several together, and shake them.'), 'As sure as the cloth, the seams and the timing.')
                : new Judgement('No foreign pollen gets in, as long as the cover is sound.', 'A cage or bag keeps it out; without hand pollination or own insects, crops that need them set no seed.', 'As sure as the net, the knots and the timing: one bee shut in with the flowers undoes it.');
        }
        if ($asked->has('overlap_days') && $asked->count('overlap_days') === 0) {
            return new Judgement('Not in bloom together, so no crossing.', 'Pollen lives for hours to days, and no day has flowers of both.', 'Bloom shifts by a week or more with the weather: look, and pull the last flowers of the earlier one.');
        }
        $needed = $asked->metres($asked->figure('needed_distance'));
        $distance = $asked->metres($asked->in->number('distance'));
        $because = sprintf(
            '%s %s when they stand side by side; %s asks for %s here, and they stand %s apart.',
            $kept->species() === $source->species() ? 'Both are '.$kept->species().', and cross' : sprintf('%s and %s cross', $kept->species(), $source->species()),
            $asked->word('crosses'),
            match ($asked->in->text('standard')) {
                'home' => 'a home gardener',
                'grower' => 'a seed grower',
                default => 'a careful keeper',
            },
            $needed,
            $distance,
        );
        if ($protection === Protection::Caged) {
            $because = "The wind carries its pollen, and insect mesh lets it through: the cage counts as open. $because";
        }

        return new Judgement(match ($asked->word('verdict')) {
            'act' => "Expect $share crossed seed: ".($kept->isWindBorne() ? 'move one of them far off, put pollen-tight cloth or bags over it, or let one of the two not flower this year.' : 'cage, bag, move or shift one of them, or leave one out this year.'),
            'watch' => "Expect $share crossed seed: within what you allow, but watch the seedlings.",
            default => "Expect $share crossed seed: that is well within what you allow.",
        }, $because, self::SURE);
    }

    /** Why two crops do not cross in a garden: kept by its parts, a breeder's cross, or strangers. */
    private static function whyNever(Crop $kept, Crop $source): string
    {
        if ($kept->adjacentShare === 0.0) {
            return sprintf('Nothing crosses with %s in a garden: %s.', $kept->name, $kept->isKeptAlive() ? 'what is kept of it is a part of the plant, and no pollen comes into that' : 'its seed is its own');
        }
        foreach ([[$kept, $source], [$source, $kept]] as [$one, $other]) {
            foreach ($one->partners as $partner) {
                if ($partner->latin === $other->species()) {
                    return sprintf('%s and %s cross %s%s. %s', $one->species(), $other->species(), $partner->how->label(), $partner->how === CrossStrength::ByHand ? '' : ', but not with the pollen going this way', $partner->note);
                }
            }
        }

        return sprintf('%s and %s are different species, and the handbook has no crossing between them.', $kept->latin, $source->latin);
    }
}
