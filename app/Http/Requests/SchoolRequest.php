<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;
use Ulvrach\Judgement\Rules\RuleBook;
use Ulvrach\Judgement\Rules\School;
use Ulvrach\Judgement\Rules\SchoolQuestion;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Plan\File\PlanReader;
use Ulvrach\Plan\SchoolChoice;

final class SchoolRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'from' => ['required', 'string', 'in:'.implode(',', array_keys(School::all()))],
            'answers' => ['sometimes', 'array', 'max:40'],
            'answers.*' => ['string'],
            'severities' => ['sometimes', 'array', 'max:200'],
            'severities.*' => [
                'nullable',
                'string',
                'in:'.implode(',', array_map(static fn (Severity $severity) => $severity->value, Severity::cases())),
            ],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            foreach ((array) $this->input('answers', []) as $question => $option) {
                if (! is_string($option) || ! isset(SchoolQuestion::all()[$question]->options[$option])) {
                    $validator
                        ->errors()
                        ->add("answers.{$question}", 'There is no such question, or no such answer to it.');
                }
            }
            $known = RuleBook::ofAll()->rules;
            foreach (array_keys((array) $this->input('severities', [])) as $rule) {
                if (! isset($known[$rule])) {
                    $validator->errors()->add("severities.{$rule}", 'There is no such rule.');
                }
            }
        });
    }

    public function choice(): SchoolChoice
    {
        /**
         * @var array{
         *   name: string,
         *   from: string,
         *   answers?: array<string, string>,
         *   severities?: array<string, string|null>,
         * } $data
         */
        $data = $this->validated();

        return PlanReader::school($data);
    }
}
