<?php

declare(strict_types=1);

return [
    'driver' => 'quiet',
    'lifetime' => 60 * 24 * 14,
    'cookie' => 'ulvrach_session',
];
