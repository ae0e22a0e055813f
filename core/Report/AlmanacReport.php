<?php

declare(strict_types=1);

namespace Ulvrach\Report;

use Ulvrach\Judgement\Rules\Catalogue;
use Ulvrach\Judgement\Rules\FaultLook;
use Ulvrach\Judgement\Rules\Rule;
use Ulvrach\Judgement\Rules\RuleBook;
use Ulvrach\Judgement\Rules\School;
use Ulvrach\Judgement\Rules\SchoolQuestion;
use Ulvrach\Judgement\Rules\Severity;
use Ulvrach\Judgement\Safety\Hazard;
use Ulvrach\Physics\Evaluation\WorkingTime;
use Ulvrach\Quantity\RealSize;
use Ulvrach\Stuff\Chemistry\AttackTable;
use Ulvrach\Stuff\Chemistry\BinderFamily;
use Ulvrach\Stuff\Chemistry\Sheen;
use Ulvrach\Stuff\Drying\Air;
use Ulvrach\Stuff\Drying\CureTable;
use Ulvrach\Stuff\Drying\CureTimes;
use Ulvrach\Stuff\Technique\Habit;
use Ulvrach\Stuff\Technique\Kind;
use Ulvrach\Stuff\Technique\PaintersWords;
use Ulvrach\Stuff\Technique\Technique;
use Ulvrach\Stuff\Technique\TechniqueLibrary;

/** Everything the core knows, to be read and questioned. */
final class AlmanacReport
{
    /** @return array<string, mixed> */
    public static function whole(?Air $at = null): array
    {
        $air = $at ?? Air::at(20.0, 50.0);

        return [
            'techniques' => array_map(self::technique(...), array_values(TechniqueLibrary::all())),
            'attack' => array_map(
                static fn (string $film, array $row) => [
                    'film' => $film,
                    'label' => BinderFamily::from($film)->label(),
                    'levels' => $row,
                ],
                array_keys(AttackTable::FILMS),
                array_values(AttackTable::FILMS),
            ),
            'air' => ['temperatureC' => $air->temperatureC, 'humidityPercent' => $air->humidityPercent],
            'drying' => array_map(
                static fn (CureTimes $row) => self::drying($row, $air),
                array_values(CureTable::rows()),
            ),
            'rules' => array_map(self::rule(...), array_values(RuleBook::ofAll()->rules)),
            'habits' => array_map(
                static fn (Habit $habit) => [
                    ...KnowledgeReport::habit($habit),
                    'kinds' => array_map(static fn (Kind $kind) => $kind->value, $habit->kinds()),
                ],
                array_values(Habit::all()),
            ),
            'schools' => array_map(self::school(...), array_values(School::all())),
            'questions' => self::questions(),
            'sizes' => array_map(
                static fn (RealSize $size) => [
                    'code' => $size->code,
                    'what' => $size->what,
                    'leastMm' => $size->least,
                    'mostMm' => $size->most,
                    'note' => $size->note,
                ],
                array_values(RealSize::all()),
            ),
            'hazards' => array_map(KnowledgeReport::hazard(...), Hazard::cases()),
            'defers' => Hazard::DEFERS,
        ];
    }

    /** @return array<string, mixed> */
    public static function school(School $school): array
    {
        return [
            'code' => $school->code,
            'name' => $school->name,
            'creed' => $school->creed,
            'answers' => $school->answers,
            'severities' => array_map(static fn (?Severity $severity) => $severity?->value, $school->severities),
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function questions(): array
    {
        return array_map(
            static fn (SchoolQuestion $question) => [
                'code' => $question->code,
                'text' => $question->text,
                'options' => array_map(
                    static fn (string $code, array $option) => ['code' => $code, 'text' => $option[0]],
                    array_keys($question->options),
                    array_values($question->options),
                ),
            ],
            array_values(SchoolQuestion::all()),
        );
    }

    /** @return array<string, mixed> */
    private static function technique(Technique $technique): array
    {
        return [
            'code' => $technique->code,
            'name' => $technique->name,
            'stage' => $technique->stage->value,
            'kind' => $technique->kind->value,
            'purpose' => $technique->purpose,
            'words' => PaintersWords::of($technique->code),
            'families' => array_map(static fn (BinderFamily $family) => $family->label(), $technique->families),
            'application' => $technique->application->value,
            'coats' => $technique->coats,
            'leaves' => $technique->coverage->value,
            'role' => $technique->role->value,
            'sheens' => array_map(static fn (Sheen $sheen) => $sheen->value, $technique->sheens),
            'needs' => $technique->needs->label(),
            'setUpMinutes' => $technique->setUpMinutes,
            'applyMinutes' => $technique->applyMinutes,
            'cleanMinutes' => $technique->cleanMinutes,
            'because' => $technique->practice->because,
            'window' => $technique->cleanUp === null
                    ? null
                    : [
                        'earliest' => $technique->cleanUp->earliest,
                        'bestUntil' => $technique->cleanUp->bestUntil,
                        'latest' => $technique->cleanUp->latest,
                        'sign' => $technique->cleanUp->sign,
                    ],
            'serviceMonths' => $technique->serviceMonths,
            'markMm' => $technique->markMm,
            'signs' => $technique->practice->signs,
            'tools' => $technique->practice->tools,
            'undo' => $technique->practice->undo,
            'cautions' => $technique->practice->cautions,
            'alternatives' => $technique->practice->alternatives,
        ];
    }

    /** @return array<string, mixed> minutes, each from and to */
    private static function drying(CureTimes $row, Air $air): array
    {
        $times = $row->at($air);

        return [
            'name' => $times->name,
            'touchDry' => $times->touchDry,
            'recoatable' => $times->recoatable,
            'solventProof' => $times->solventProof,
            'instead' => WorkingTime::instead($row->name),
            'workable' => array_map(
                static fn (WorkingTime $time) => [
                    'what' => $time->what,
                    'from' => $time->from,
                    'best' => $time->best,
                    'until' => $time->until,
                ],
                WorkingTime::of($row->name, $air),
            ),
            'reason' => $times->reason,
        ];
    }

    /** @return array<string, mixed> */
    private static function rule(Rule $rule): array
    {
        return [
            'code' => $rule->code(),
            'title' => $rule->title(),
            'group' => Catalogue::group($rule),
            'kind' => $rule->kind()->value,
            'why' => $rule->explanation(),
            'look' => ($look = FaultLook::of($rule->code())) === null
                ? null
                : ['code' => $look->value, 'says' => $look->says()],
        ];
    }
}
