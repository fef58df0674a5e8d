<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;

/** Opens the garden's file once it may be opened. */
final class GatedConnector extends SQLiteConnector
{
    /** @param  array<string, mixed>  $config */
    public function connect(array $config): PDO
    {
        $file = is_string($config['database'] ?? null) ? $config['database'] : '';
        $held = ($config['gate'] ?? false) === true ? Gate::enter($file) : null;

        return Gate::stayWith(parent::connect($config), $held);
    }
}
