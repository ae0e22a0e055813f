<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Ulvrach\Plan\Fault;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Stuff\Material\Product;

/** A jar as plan files write a product; its id stands in the address. */
final class JarRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    /** @throws BadPlanFile paths start at the product: "/colour" */
    public function product(string $code): Product
    {
        $body = PlanReader::decode($this->getContent());
        if (! is_object($body)) {
            throw new BadPlanFile([new Fault('', 'A jar is an object with a name and a family.')]);
        }

        return PlanReader::readProduct((object) [...(array) $body, 'id' => $code]);
    }
}
