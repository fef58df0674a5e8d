<?php

declare(strict_types=1);

namespace Marrow\Core\Tests\Botany;

use Marrow\Core\Botany\UnsoundCrop;
use Marrow\Core\Botany\WhichKey;
use Marrow\Core\Tests\Support\CoreTestCase;
use PHPUnit\Framework\Attributes\TestWith;

/** From a common name to the species that is grown. */
final class WhichKeyTest extends CoreTestCase
{
    public function test_every_answer_leads_within_three_questions_to_a_crop_and_no_two_to_the_same(): void
    {
        $keys = self::keys();
        self::assertGreaterThanOrEqual(20, count($keys));
        foreach ($keys as $key) {
            $crops = $key->question->crops();
            self::assertLessThanOrEqual(3, $key->question->depth(), $key->key);
            self::assertSame($crops, array_values(array_unique($crops)), $key->key);
            $species = array_map(static fn (string $crop): string => self::crop($crop)->species().(self::crop($crop)->group ?? ''), $crops);
            self::assertGreaterThan(1, count(array_unique($species)), "$key->key: there is nothing to ask");
        }
        self::assertCount(count($keys), array_unique(array_map(static fn (WhichKey $key): string => $key->key, $keys)));
    }

    public function test_a_common_name_of_several_species_has_its_questions(): void
    {
        $asked = array_merge(...array_map(static fn (WhichKey $key): array => $key->names, self::keys()));
        $species = [];
        foreach (self::crops()->all() as $crop) {
            foreach ($crop->otherNames as $name) {
                $species[mb_strtolower($name)][$crop->species()] = true;
            }
        }
        foreach ($species as $name => $of) {
            if (count($of) > 1) {
                $last = (string) array_slice(explode(' ', (string) $name), -1)[0];
                self::assertTrue(in_array($name, $asked, true) || in_array($last, $asked, true), "\"$name\" means ".implode(', ', array_keys($of)));
            }
        }
    }

    /** @param  array<string, mixed>  $data */
    #[TestWith([['key' => 'x', 'title' => 'X?', 'names' => ['x'], 'ask' => 'What?', 'answers' => [['say' => 'a', 'crop' => 'pea']]]])]
    #[TestWith([['key' => 'x', 'title' => 'X?', 'names' => ['x'], 'ask' => 'What?', 'answers' => [['say' => 'a', 'crop' => 'pea'], ['say' => 'b']]]])]
    #[TestWith([['key' => 'x', 'title' => 'X?', 'names' => [], 'ask' => 'What?', 'answers' => [['say' => 'a', 'crop' => 'pea'], ['say' => 'b', 'crop' => 'leek']]]])]
    public function test_a_question_that_leads_nowhere_is_refused(array $data): void
    {
        $this->expectException(UnsoundCrop::class);
        WhichKey::read($data);
    }

    /** @return list<WhichKey> */
    private static function keys(): array
    {
        /** @var list<array<string, mixed>> $data */
        $data = json_decode((string) file_get_contents(__DIR__.'/../../data/which.json'), true, flags: JSON_THROW_ON_ERROR);

        return array_map(WhichKey::read(...), $data);
    }
}
