<?php

declare(strict_types=1);

namespace Marrow\Core\Storage;

use Marrow\Core\Fields\InvalidFigure;
use Marrow\Core\Statistics\Interval;
use Marrow\Core\Statistics\Normal;
use Marrow\Core\Statistics\NormalMixture;

/**
 * How the share alive falls over the calendar, and how sure that is. Viability at a time is v₀ − A·e⁻ᵘ: A probits lost by
 * the model since the forecast began, u how much slower than the model this lot ages. v₀ and u are normal and go together
 * (LotPace); away from where the constants were solved, u is wider by what is not known of C_W. So there is at every time a
 * chance that the share has fallen below a mark: the near edge is when one in ten of the lots that began above it have, the
 * far edge when nine have.
 */
final class Forecast
{
    /** @var non-empty-list<float>|null */
    private static ?array $paces = null;

    /** @var array<string, \DateTimeImmutable> edges that were asked for: a lot's tasks, its row and its words ask for the same one */
    private array $edges = [];

    /** No forecast looks further ahead than this. */
    public const MOST_DAYS = 73_050;

    public const NEAR = 0.10;

    public const FAR = 0.90;

    /** Of the band that is drawn and said: nine of ten lots lie within. */
    private const BAND = 0.05;

    /** Paces over which a chance is summed. */
    private const PACES = 31;

    private function __construct(
        private readonly Ageing $ageing,
        public readonly LotPace $pace,
        public readonly ConstantsBasis $basis,
        private readonly float $reference,
    ) {}

    /**
     * @param  Ageing  $ageing  from the last test, or from when the seed ripened
     * @param  float  $reference  how far from the cupboard it lay when its pace was measured; 0 where that is the handbook's
     */
    public static function of(Ageing $ageing, LotPace $pace, ConstantsBasis $basis, float $reference = 0.0): self
    {
        return new self($ageing, $pace, $basis, $reference);
    }

    public function startAt(): \DateTimeImmutable
    {
        return $this->ageing->startAt;
    }

    /** Share alive at a moment, the likeliest; the start's before it. */
    public function shareAt(\DateTimeImmutable $at): float
    {
        return Normal::below($this->pace->viability - $this->ageing->until($at)[0] * exp(-$this->pace->slower));
    }

    /** Within which nine of ten such lots lie. */
    public function limitsAt(\DateTimeImmutable $at): Interval
    {
        return $this->band($at, 0.0);
    }

    /**
     * So many shares (0 … 1), each as likely as the next, that stand for all that it may be at a moment.
     *
     * @param  int  $how  many, at least 1
     * @return non-empty-list<float>
     */
    public function sharesAt(\DateTimeImmutable $at, int $how): array
    {
        $spread = $this->viabilities(...$this->ageing->until($at));
        $shares = [];
        for ($k = 0; $k < max(1, $how); $k++) {
            $shares[] = Normal::below($spread->quantile(($k + 0.5) / $how));
        }

        return $shares;
    }

    /**
     * What a test of so many seeds would find in nine cases of ten: the band, wider by the luck of the draw (by the normal
     * approximation, on the scale of probits).
     *
     * @param  int  $sown  1 … 1,000,000
     */
    public function wouldBeFound(int $sown, \DateTimeImmutable $at): Interval
    {
        InvalidFigure::unlessWithin('sown', $sown, 1, 1_000_000, 'seeds');
        $share = max(0.01, min(0.99, $this->shareAt($at)));
        $z = Normal::probit($share);
        $luck = sqrt($share * (1.0 - $share) / $sown) / (0.3989422804014327 * exp(-$z * $z / 2.0));

        return $this->band($at, $luck);
    }

    /** @param  float  $luck  of the draw, in probits */
    private function band(\DateTimeImmutable $at, float $luck): Interval
    {
        $spread = $this->viabilities(...$this->ageing->until($at), luck: $luck);

        return new Interval(Normal::below($spread->quantile(self::BAND)), Normal::below($spread->quantile(1.0 - self::BAND)));
    }

    /** Chance that by $at the share has fallen below $threshold (0.01 … 0.99). */
    public function chanceBelow(float $threshold, \DateTimeImmutable $at): float
    {
        InvalidFigure::unlessWithin('threshold', $threshold, 0.01, 0.99);

        return $this->chance(Normal::probit($threshold), ...$this->ageing->until($at));
    }

    /** When the share falls to $threshold, the likeliest; the start itself when it is below already. */
    public function reaches(float $threshold): \DateTimeImmutable
    {
        InvalidFigure::unlessWithin('threshold', $threshold, 0.01, 0.99);
        $left = ($this->pace->viability - Normal::probit($threshold)) * exp($this->pace->slower);

        return $this->after($left <= 0.0 ? 0.0 : $this->ageing->days($left, self::MOST_DAYS));
    }

    /** The near edge: until then it is to be counted on. */
    public function reachesEarliest(float $threshold): \DateTimeImmutable
    {
        return $this->edge(self::NEAR, $threshold);
    }

    /** The far edge. */
    public function reachesLatest(float $threshold): \DateTimeImmutable
    {
        return $this->edge(self::FAR, $threshold);
    }

    private function edge(float $chance, float $threshold): \DateTimeImmutable
    {
        return $this->edges["$chance $threshold"] ??= $this->whenChance($chance, $threshold);
    }

    private function whenChance(float $chance, float $threshold): \DateTimeImmutable
    {
        InvalidFigure::unlessWithin('threshold', $threshold, 0.01, 0.99);
        $mark = Normal::probit($threshold);
        if ($this->pace->viability <= $mark) {
            return $this->startAt();
        }
        // A test of few seeds leaves it open whether the share was above the mark; that is not what ageing does to it.
        $below = $this->chance($mark, ...$this->ageing->until($this->startAt()));
        $target = $below + (1.0 - $below) * $chance;
        $isPast = fn (float $days): bool => $this->chance($mark, ...$this->ageing->until($this->after($days))) >= $target;
        if (! $isPast(self::MOST_DAYS)) {
            return $this->after(self::MOST_DAYS);
        }
        [$low, $high] = [0.0, (float) self::MOST_DAYS];
        while ($high - $low > 0.5) {
            $middle = ($low + $high) / 2.0;
            $isPast($middle) ? $high = $middle : $low = $middle;
        }

        return $this->after($high);
    }

    /** @param  float  $mark  probits */
    private function chance(float $mark, float $lost, float $away): float
    {
        return $this->viabilities($lost, $away)->below($mark);
    }

    /**
     * What the viability may be, in probits: for each of the paces, which are as likely as one another, a normal about a middle.
     *
     * @param  float  $luck  of the draw, in probits, where it is a test's finding that is asked for
     */
    private function viabilities(float $lost, float $away, float $luck = 0.0): NormalMixture
    {
        $spread = $this->spread($away);
        $goes = $spread > 0.0 ? $this->pace->together / $spread ** 2 : 0.0;
        $middles = [];
        foreach (self::paces() as $pace) {
            $off = $spread * $pace;
            $middles[] = $this->pace->viability + $goes * $off - $lost * exp(-$this->pace->slower - $off);
        }

        return new NormalMixture($middles, hypot($this->aloneSpread($spread), $luck));
    }

    /** Of u, where the seed lies so far from the cupboard. */
    private function spread(float $away): float
    {
        return sqrt($this->pace->slowerSpread ** 2 + (ViabilityConstants::CW_SPREAD * ($away - $this->reference)) ** 2);
    }

    /** Of the viability at the start once the pace is given. */
    private function aloneSpread(float $spread): float
    {
        $explained = $spread > 0.0 ? ($this->pace->together / $spread) ** 2 : 0.0;

        return sqrt(max(1e-6, $this->pace->viabilitySpread ** 2 - $explained));
    }

    /** @return non-empty-list<float> in standard deviations, each as likely as the next */
    private static function paces(): array
    {
        return self::$paces ??= array_map(static fn (int $k): float => Normal::probit(($k + 0.5) / self::PACES), range(0, self::PACES - 1));
    }

    private function after(float $days): \DateTimeImmutable
    {
        return $this->startAt()->modify(sprintf('+%d seconds', (int) round(min(self::MOST_DAYS, $days) * 86_400)));
    }
}
