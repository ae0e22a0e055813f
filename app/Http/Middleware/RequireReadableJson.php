<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;

/** A body that is there must be JSON that can be read, and small enough to be meant. */
final class RequireReadableJson
{
    public function handle(Request $request, Closure $next): Response
    {
        $body = $request->getContent();
        if ($body !== '') {
            $this->check($request, $body);
        }
        $response = $next($request);

        return $response instanceof Response
            ? $response
            : throw new \LogicException('A route must answer with a response.');
    }

    private function check(Request $request, string $body): void
    {
        if (strlen($body) > config()->integer('ulvrach.largest_plan_file')) {
            throw new HttpException(413, 'This is larger than any plan: at most 2 MB are read.');
        }
        if (! $request->isJson()) {
            throw new UnsupportedMediaTypeHttpException(
                'Send JSON, and say so with the content type application/json.',
            );
        }
        json_decode($body, false, 64);
        if (json_last_error() !== JSON_ERROR_NONE) {
            throw new BadRequestHttpException(
                'The request is not JSON that can be read ('.json_last_error_msg().').',
            );
        }
        // PostgreSQL cannot keep the zero character in a text, and nobody types it.
        if (preg_match('/(?<!\\\\)(\\\\\\\\)*\\\\u0000/', $body) === 1) {
            throw new BadRequestHttpException('The request has a zero character in a text; no text may hold one.');
        }
    }
}
