<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Account\Archive;
use App\Account\BadArchive;
use App\Account\TakingIn;
use App\Http\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** All that a person keeps, to be taken along and into another account. */
final readonly class ArchiveController
{
    public function write(Request $request, Archive $archive): BinaryFileResponse
    {
        $user = CurrentUser::of($request);
        $path = self::file();
        $archive->write($user, $path);
        $name = 'ulvrach-'.(Str::slug($user->name) ?: 'account').'-'.now()->format('Y-m-d').'.zip';
        $response = new BinaryFileResponse($path, headers: ['Content-Type' => 'application/zip']);

        return $response->setContentDisposition('attachment', $name)->deleteFileAfterSend();
    }

    public function read(Request $request, TakingIn $takingIn): JsonResponse
    {
        $path = self::file();
        try {
            file_put_contents($path, $request->getContent(true));

            return new JsonResponse(['new' => $takingIn->take(CurrentUser::of($request), $path)]);
        } catch (BadArchive $bad) {
            throw ValidationException::withMessages(['archive' => $bad->getMessage()]);
        } finally {
            unlink($path);
        }
    }

    private static function file(): string
    {
        return tempnam(sys_get_temp_dir(), 'ulvrach-archive-')
            ?: throw new \RuntimeException('There is no room for an archive.');
    }
}
