<?php

declare(strict_types=1);

return [
    'default' => 'pgsql',
    'connections' => [
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'ulvrach'),
            'username' => env('DB_USERNAME', 'ulvrach'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'prefix_indexes' => true,
            'sslmode' => 'disable',
            // A connect costs 4 to 9 ms, as much as the rest of a request. The extension is missing while it is being
            // installed.
            'options' => extension_loaded('pdo_pgsql')
                ? [
                    PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', true),
                    // One round trip a query instead of three: parameters still travel apart from the statement.
                    PDO::PGSQL_ATTR_DISABLE_PREPARES => true,
                ]
                : [],
        ],
    ],
];
