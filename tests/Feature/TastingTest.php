<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\Support\Keeper;
use Tests\TestCase;

/** A tasting as the interface is told of it: blind until it is unblinded. */
final class TastingTest extends TestCase
{
    public function test_nobody_is_told_which_plate_is_which_until_it_is_unblinded(): void
    {
        $keeper = new Keeper($this);
        $row = $keeper->sow($keeper->variety('kale', 'Breakwater'), '2026-03-20T10:00', 12);
        foreach ([2, 4, 5] as $plant) {
            $keeper->records($row, 'plant_looked_at', '2026-09-01T10:00', ['plant' => $plant, 'scores' => 'health 4']);
        }
        $keeper->records($row, 'plant_looked_at', '2026-09-01T10:00', ['plant' => 9, 'out' => 'sick']);
        self::assertSame([2, 4, 5], $this->tastings($row)['plants'], 'what is struck out is not tasted');
        $keeper->records($row, 'tasting_set', '2026-09-06T18:00', ['tasting' => 't', 'of' => 'plant', 'samples' => [2, 4, 5], 'how' => 'raw']);
        $blind = $this->tastings($row)['tastings'][0];
        self::assertSame([true, [null], [null], []], [$blind['blind'], array_values(array_unique(array_column($blind['plates'], 'sample'))), array_values(array_unique(array_column($blind['plates'], 'mean'))), $blind['plants']]);
        self::assertSame('With 3 plates it wants 3 tasters at the least, who then must all agree; each one more lets them differ.', self::plain($blind['said'][0]));
        foreach (['Ines', 'Odile', 'Yusra'] as $taster) {
            $keeper->records($row, 'tasting_scored', '2026-09-06T18:30', ['tasting' => 't', 'taster' => $taster, 'scores' => [5, 3, 1]]);
        }
        self::assertSame(['Ines', 'Odile', 'Yusra'], $this->tastings($row)['tastings'][0]['tasters']);
        $keeper->records($row, 'tasting_unblinded', '2026-09-06T19:00', ['tasting' => 't']);
        $told = $this->tastings($row)['tastings'][0];
        self::assertEquals([5, 3, 1], array_column($told['plates'], 'mean'));
        self::assertEqualsCanonicalizing([2, 4, 5], array_column($told['plates'], 'sample'));
        self::assertStringStartsWith(sprintf('They agree: from best to least, plant %d,', $told['plates'][0]['sample']), $told['said'][0]);
        // Three who rank three alike: 1 of 36.
        self::assertStringContainsString('by chance alone 1 time in 36; agreement 1 of 1.', self::plain($told['said'][1]));
        self::assertSame([2, 4, 5], array_column($told['plants'], 'plant'));
        self::assertSame(array_column($told['plates'], 'mean', 'sample'), array_column(array_reverse(collect($told['plants'])->sortBy('mark')->values()->all()), 'mark', 'plant'));
    }

    public function test_fruit_tells_of_its_plant_by_the_mean_of_its_own(): void
    {
        $keeper = new Keeper($this);
        $row = $keeper->sow($keeper->variety('tomato', 'Sluice Gate'), '2026-03-20T10:00', 12);
        foreach ([1 => '3', 2 => '3', 3 => '8', 4 => 'red wool'] as $fruit => $plant) {
            $keeper->records($row, 'fruit_shelved', "2026-09-01T10:0$fruit", ['fruit' => $fruit, 'plant' => $plant]);
            $keeper->tries($row, 'fruit_cut', "2026-09-04T10:0$fruit", ['fruit' => $fruit], evenSo: true)->assertOk();
        }
        $keeper->records($row, 'tasting_set', '2026-09-06T18:00', ['tasting' => 't', 'of' => 'fruit', 'samples' => [1, 2, 3, 4], 'how' => 'raw']);
        $keeper->records($row, 'tasting_scored', '2026-09-06T18:30', ['tasting' => 't', 'taster' => 'Ines', 'scores' => [5, 4, 2, 1]]);
        $keeper->records($row, 'tasting_unblinded', '2026-09-06T19:00', ['tasting' => 't']);
        $told = $this->tastings($row)['tastings'][0];
        $marks = array_column($told['plates'], 'mean', 'sample');
        self::assertEquals([['plant' => 3, 'mark' => ($marks[1] + $marks[2]) / 2], ['plant' => 8, 'mark' => $marks[3]]], $told['plants']);
        self::assertStringStartsWith('One taster alone shows nothing', $told['said'][0]);
    }

    /** @return array<string, mixed> */
    private function tastings(string $code): array
    {
        return $this->getJson("/api/plantings/$code/tastings")->assertOk()->json();
    }

    private static function plain(string $text): string
    {
        return str_replace("\u{00A0}", ' ', $text);
    }
}
