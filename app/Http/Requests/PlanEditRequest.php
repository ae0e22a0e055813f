<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\CurrentUser;
use Illuminate\Foundation\Http\FormRequest;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Stuff\Material\LaterShelf;

/** Edits in the open format, with the version of the plan that they were made on. */
final class PlanEditRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['version' => ['sometimes', 'integer:strict', 'min:1'], 'label' => ['nullable', 'string', 'max:200']];
    }

    /** @return array<string, mixed> the edits are read on their own: nothing walks through them twice */
    public function validationData(): array
    {
        /** @var array<string, mixed> $said */
        $said = $this->only(['version', 'label']);

        return $said;
    }

    /**
     * Read from the raw body: the framework trims texts and turns empty ones into null, and a plan file means what it
     * says.
     *
     * @return non-empty-list<PlanEdit>
     *
     * @throws BadPlanFile paths start with "/edits"
     */
    public function edits(): array
    {
        $body = PlanReader::decode($this->getContent());
        $user = CurrentUser::of($this);
        try {
            return EditCodec::read(
                is_object($body) ? $body->edits ?? null : null,
                new LaterShelf($user->shelf(...)),
            );
        } catch (BadPlanFile $bad) {
            throw self::under('/edits', $bad);
        }
    }

    /** The same faults where they stand in the body. */
    public static function under(string $path, BadPlanFile $bad): BadPlanFile
    {
        return new BadPlanFile(
            array_map(static fn (Fault $fault) => new Fault("{$path}{$fault->path}", $fault->message), $bad->faults),
        );
    }
}
