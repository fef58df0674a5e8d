<?php

declare(strict_types=1);

namespace App\Handbook;

use Marrow\Core\Botany\Crop;
use Marrow\Core\Botany\CropFile;
use Marrow\Core\Botany\CropTitle;

/**
 * The crops that ship, as once read and checked: to read them again for every request took longer than all the rest of it.
 * Made whenever a garden is got ready (marrow:ready); a crop whose file is newer is read from that.
 */
final class ReadCrops
{
    /** Folders of the classes that a crop is made of. */
    private const PARTS = ['Botany', 'Cleaning', 'Drying', 'Storage'];

    private const NONE = ['crops' => [], 'titles' => []];

    /** @var array{crops: array<string, string>, titles: array<string, CropTitle>}|null the crops serialized, by key */
    private ?array $kept = null;

    /**
     * @param  string  $path  of the file that holds them; empty to do without
     * @param  bool  $isUsed  commands read the files: whoever works on the program has not got a garden ready each time
     */
    public function __construct(private readonly string $path, private readonly bool $isUsed = true) {}

    public function get(string $key, string $file): ?Crop
    {
        $kept = $this->kept()['crops'][$key] ?? null;
        if ($kept === null || (int) @filemtime($file) > (int) @filemtime($this->path)) {
            return null;
        }
        $crop = unserialize($kept);

        return $crop instanceof Crop ? $crop : null;
    }

    /** The names of a crop, for which it need not be read. */
    public function title(string $key, string $file): ?CropTitle
    {
        $title = $this->kept()['titles'][$key] ?? null;

        return $title === null || (int) @filemtime($file) > (int) @filemtime($this->path) ? null : $title;
    }

    /** @return array{crops: array<string, string>, titles: array<string, CropTitle>} */
    private function kept(): array
    {
        return $this->kept ??= $this->isUsed ? $this->load() : self::NONE;
    }

    /** @param  string  $folder  of the files of the crops */
    public function make(string $folder): void
    {
        if ($this->path === '') {
            return;
        }
        $crops = $titles = [];
        foreach (CropFiles::of($folder) as $key => $content) {
            $crop = CropFile::read($key, $content());
            $crops[$key] = serialize($crop);
            $titles[$key] = $crop->title();
        }
        $kept = ['crops' => $crops, 'titles' => serialize($titles)];
        // Aside first: a request may be reading it.
        $aside = $this->path.'.'.getmypid();
        file_put_contents($aside, '<?php return '.var_export($kept, true).';');
        rename($aside, $this->path);
        if (function_exists('opcache_invalidate')) {
            opcache_invalidate($this->path, true);
        }
    }

    /** @return array{crops: array<string, string>, titles: array<string, CropTitle>} */
    private function load(): array
    {
        $kept = $this->path !== '' && is_file($this->path) && ! self::isOlder($this->path) ? require $this->path : [];
        if (! is_array($kept) || ! is_array($kept['crops'] ?? null) || ! is_string($kept['titles'] ?? null)) {
            return self::NONE;
        }
        $loaded = self::NONE;
        foreach ($kept['crops'] as $key => $crop) {
            if (is_string($key) && is_string($crop)) {
                $loaded['crops'][$key] = $crop;
            }
        }
        $titles = unserialize($kept['titles']);
        foreach (is_array($titles) ? $titles : [] as $key => $title) {
            if (is_string($key) && $title instanceof CropTitle) {
                $loaded['titles'][$key] = $title;
            }
        }

        return $loaded;
    }

    /** Whether the program was brought up to date since, and no garden got ready yet: a crop may be made of other things now. */
    private static function isOlder(string $path): bool
    {
        $made = (int) filemtime($path);

        return array_any(self::PARTS, static fn (string $folder): bool => (int) @filemtime(base_path("core/src/$folder")) > $made);
    }
}
