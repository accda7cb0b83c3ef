<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;

/** Connects to SQLite with transactions that begin with their lock, and refuses a file of a newer Nebbia. */
final class ImmediateConnector extends SQLiteConnector
{
    /**
     * @param  array<string, mixed>  $config
     *
     * @throws NewerDatabase
     */
    public function connect(array $config): PDO
    {
        $connection = parent::connect($config);
        $asked = $connection->query('PRAGMA user_version');
        $number = $asked === false ? 0 : (int) $asked->fetchColumn();
        if ($number > SchemaNumber::KNOWN) {
            throw NewerDatabase::at($number, SchemaNumber::KNOWN);
        }

        return $connection;
    }

    /**
     * @param  string  $dsn
     * @param  string|null  $username
     * @param  string|null  $password
     * @param  array<int, mixed>  $options
     */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): ImmediatePdo
    {
        return new ImmediatePdo($dsn, $username, $password, $options);
    }
}
