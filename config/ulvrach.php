<?php

declare(strict_types=1);

return [
    // Whether the one-press entry to the demo account exists. bin/start sets it when it loads the demo data.
    'demo' => (bool) env('ULVRACH_DEMO', false),
    'demo_email' => 'demo@tarsholm.example',

    // File that the thermometer at the bench writes its readings to; empty: there is none.
    'thermometer' => env('ULVRACH_THERMOMETER', ''),
    // Seconds that the worker looks for an earlier end.
    'search_seconds' => is_numeric($seconds = env('ULVRACH_SEARCH_SECONDS')) ? (float) $seconds : 10.0,

    // Largest plan file that is read, in bytes; a 200-step plan with long notes is about a fifth of it.
    'largest_plan_file' => 2_000_000,
];
