<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

final class SecurityHeaders
{
    public function handle(Request $request, Closure $next): Response
    {
        $nonce = Vite::useCspNonce();
        $response = $next($request);
        if (! ($response instanceof Response)) {
            throw new \LogicException('A route must answer with a response.');
        }
        $response->headers->add([
            'X-Content-Type-Options' => 'nosniff',
            'Referrer-Policy' => 'same-origin',
            'X-Frame-Options' => 'DENY',
        ]);
        // The development server injects its own scripts and styles.
        if (! Vite::isRunningHot()) {
            $response->headers->set(
                'Content-Security-Policy',
                "default-src 'self'; script-src 'self' 'nonce-{$nonce}'; ".
                    "style-src 'self' 'nonce-{$nonce}'; style-src-attr 'unsafe-inline'; img-src 'self' data: blob:; "
                        ."object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'self'",
            );
        }

        return $response;
    }
}
