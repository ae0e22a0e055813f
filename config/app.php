<?php

declare(strict_types=1);

return [
    'name' => 'Ulvrach',
    'timezone' => 'UTC',
];
