<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\UnsupportedMediaTypeHttpException;

/**
 * The first thing that looks at a request to the API: its address must be text, and a body that is there must be JSON
 * that can be read, no larger and with no longer lists than what is asked for can be. Nothing walks through a body
 * before its size is known.
 */
final class RequireReadableRequest
{
    /** Bytes of everything that is no plan: settings, forms, questions to the clock. */
    private const SMALL = 65_536;

    /** Values of any kind in such a body, and entries of one list in it. Plans and shelves count their own. */
    private const MOST_VALUES = 8_000;

    private const MOST_ENTRIES = 400;

    /** The longest log of the largest plan has less than half of it. */
    private const MOST_COMMAS = 200_000;

    private const LARGE_PATHS = '#^/api/(shelf/(file|import)|mixes/import|'
        .'builds/(import|[0-9a-f-]{36}/(edits|preview|log)))$#';

    /** What comes here is a picture or an archive, which whoever keeps it looks at. */
    private const BYTES_PATHS = '#^/api/(archive|(mixes|builds)/[0-9a-f-]{36}/photos)$#';

    public function handle(Request $request, Closure $next): Response
    {
        if (str_starts_with($request->getPathInfo(), '/api/')) {
            $this->checkAddress($request);
            $this->checkBody($request);
        }
        $response = $next($request);

        return $response instanceof Response
            ? $response
            : throw new \LogicException('A route must answer with a response.');
    }

    private function checkAddress(Request $request): void
    {
        $address = rawurldecode($request->getRequestUri());
        if (str_contains($address, "\0") || ! mb_check_encoding($address, 'UTF-8')) {
            throw new BadRequestHttpException('The address of this request is no readable text.');
        }
        // The measures of a vehicle are the one list that an address may hold.
        foreach ($request->query->all() as $name => $value) {
            if (is_array($value) && $name !== 'form') {
                throw new BadRequestHttpException("Ask for one “{$name}”, not for a list of them.");
            }
        }
    }

    private function checkBody(Request $request): void
    {
        if (preg_match(self::BYTES_PATHS, $request->getPathInfo()) === 1) {
            return;
        }
        $body = $request->getContent();
        if ($body === '') {
            // Forms and files come another way.
            if ($request->request->count() > 0 || $request->files->count() > 0) {
                throw $this->notJson();
            }

            return;
        }
        $isLarge = preg_match(self::LARGE_PATHS, $request->getPathInfo()) === 1;
        if (strlen($body) > ($isLarge ? config()->integer('ulvrach.largest_plan_file') : self::SMALL)) {
            throw new HttpException(
                413,
                $isLarge
                    ? 'This is larger than any plan: at most 2 MB are read.'
                    : 'This is larger than anything that is asked for here.',
            );
        }
        if (! $request->isJson()) {
            throw $this->notJson();
        }
        // Looked at from outside, which takes no time: unpacking so many values would.
        if (substr_count($body, ',') > self::MOST_COMMAS) {
            throw new HttpException(413, 'This has more entries than anything that is asked for here.');
        }
        $data = json_decode($body, false, 64);
        if (json_last_error() !== JSON_ERROR_NONE) {
            throw new BadRequestHttpException(
                'The request is not JSON that can be read ('.json_last_error_msg().').',
            );
        }
        if (! $isLarge && ! is_object($data) && ! is_array($data)) {
            throw new BadRequestHttpException('The request must be a JSON object.');
        }
        if (! $isLarge) {
            $left = self::MOST_VALUES;
            $this->checkCounts($data, $left);
        }
        // Beyond the range of numbers JSON is read as infinite, which nothing behind this reckons with.
        if (preg_match('/\d{309}|\d[eE]\+?\d{3,}/', $body) === 1 && json_encode($data) === false) {
            throw new BadRequestHttpException('A number in the request is larger than any number can be.');
        }
        // PostgreSQL cannot keep the zero character in a text, and nobody types it.
        if (preg_match('/(?<!\\\\)(\\\\\\\\)*\\\\u0000/', $body) === 1) {
            throw new BadRequestHttpException('The request has a zero character in a text; no text may hold one.');
        }
    }

    private function checkCounts(mixed $data, int &$left): void
    {
        if (! is_array($data) && ! is_object($data)) {
            return;
        }
        $entries = (array) $data;
        $left -= count($entries);
        if (count($entries) > self::MOST_ENTRIES || $left < 0) {
            throw new HttpException(413, 'This has more entries than anything that is asked for here.');
        }
        foreach ($entries as $entry) {
            $this->checkCounts($entry, $left);
        }
    }

    private function notJson(): UnsupportedMediaTypeHttpException
    {
        return new UnsupportedMediaTypeHttpException(
            'Send JSON, and say so with the content type application/json.',
        );
    }
}
