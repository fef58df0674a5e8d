<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A row without timestamps: when things happened is the journal's to say. Our models use no traits of their own, so what
 * the framework finds by reflection for one holds for all of them; sought for each it took a tenth of every request.
 */
abstract class Record extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** What a row holds, nothing too, and what was loaded with it is taken as it is; what is cast or missing goes the framework's longer way. */
    public function __get($key)
    {
        return match (true) {
            isset($this->casts[$key]) => parent::__get($key),
            array_key_exists($key, $this->attributes) => $this->attributes[$key],
            default => $this->relations[$key] ?? parent::__get($key),
        };
    }

    /** A row that is read is a copy of one without anything in it: to construct each took as long as to fill it. Nobody listens for rows being read. */
    public function newFromBuilder($attributes = [], $connection = null)
    {
        $model = clone $this;
        $model->exists = true;
        $model->attributes = $model->original = (array) $attributes;

        return $connection === null ? $model : $model->setConnection($connection);
    }

    protected static function bootTraits()
    {
        $known = self::$traitInitializers[self::class] ?? null;
        if ($known === null) {
            parent::bootTraits();
            self::$traitInitializers[self::class] = self::$traitInitializers[static::class];
        } else {
            self::$traitInitializers[static::class] = $known;
        }
    }
}
