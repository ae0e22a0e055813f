<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\LogCodec;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\Log\Entry;

/** Log entries in the open format. */
final class LogRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /**
     * Read from the raw body, as edits are: an entry means what it says.
     *
     * @return list<Entry>
     *
     * @throws BadPlanFile paths start with "/entries"
     */
    public function entries(): array
    {
        $body = PlanReader::decode($this->getContent());
        try {
            return LogCodec::readAll(is_object($body) ? $body->entries ?? null : null);
        } catch (BadPlanFile $bad) {
            throw PlanEditRequest::under('/entries', $bad);
        }
    }
}
