<?php

declare(strict_types=1);

namespace Ulvrach\Plan\File;

use Ulvrach\Plan\BenchConditions;
use Ulvrach\Plan\Build;
use Ulvrach\Plan\Plan;
use Ulvrach\Plan\SchoolChoice;
use Ulvrach\Plan\Story;
use Ulvrach\Plan\Zone;
use Ulvrach\Stuff\Material\ProductShelf;

/**
 * A story by itself, from which a plan can be drafted: the build with its brief, the school, and the jars that there
 * are. The schema stands beside this file; docs/drafting.md says what it means.
 *
 * @phpstan-import-type BuildData from PlanReader
 * @phpstan-import-type BenchData from PlanReader
 * @phpstan-import-type SchoolData from PlanReader
 * @phpstan-import-type ProductData from PlanReader
 */
final readonly class StoryFile
{
    /** @param  ProductShelf|null  $shelf  null: nobody has said which jars there are */
    private function __construct(
        public Build $build,
        public Story $story,
        public SchoolChoice $school,
        public BenchConditions $bench,
        public ?ProductShelf $shelf,
    ) {
    }

    /** @throws BadPlanFile with the path of every fault */
    public static function read(string $json): self
    {
        $document = PlanReader::decode($json);
        $faults = SchemaCheck::faults($document, SchemaCheck::STORY);
        if ($faults !== []) {
            throw new BadPlanFile($faults);
        }
        /**
         * @var array{
         *   build: BuildData,
         *   school?: SchoolData,
         *   bench?: BenchData,
         *   shelf?: list<ProductData>|null,
         * } $data
         */
        $data = Json::toArrays($document);
        $build = PlanReader::build($data['build']);

        return new self(
            $build,
            $build->brief ?? throw new \LogicException('The schema lets no story pass that has no brief.'),
            PlanReader::school($data['school'] ?? PlanReader::DEFAULT_SCHOOL),
            isset($data['bench']) ? PlanReader::bench($data['bench']) : new BenchConditions(20.0, 50.0),
            isset($data['shelf'])
                ? new ProductShelf(array_map(PlanReader::product(...), $data['shelf']))
                : null,
        );
    }

    /** @param  list<Zone>  $zones  of the vehicle */
    public function plan(array $zones): Plan
    {
        return new Plan($this->build, $this->school, $this->bench, array_column($zones, null, 'id'), [], []);
    }
}
