<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Copies;

/** One model: a vehicle at a scale, with a story. */
final readonly class Build
{
    use Copies;

    /**
     * @param  int  $scale  the 35 of 1:35
     * @param  int|null  $serviceMonths  how long it has been in service; null: not said
     * @param  string|null  $due  the last day on which it may be finished, "2026-12-24"; null: whenever
     * @param  array<string, int>|null  $form  the measures of the vehicle by the codes of its kind, millimetres,
     *   pieces, or 0 and 1; null: as usual for its kind
     * @param  Story|null  $brief  what the finish is to tell; null: nobody has said
     */
    public function __construct(
        public string $name,
        public string $vehicle,
        public VehicleKind $kind,
        public int $scale,
        public string $story = '',
        public ?int $serviceMonths = null,
        public ?Terrain $terrain = null,
        public ?string $due = null,
        public ?array $form = null,
        public ?Story $brief = null,
    ) {
    }

    public function dueOn(?string $due): self
    {
        return new self(
            name: $this->name,
            vehicle: $this->vehicle,
            kind: $this->kind,
            scale: $this->scale,
            story: $this->story,
            serviceMonths: $this->serviceMonths,
            terrain: $this->terrain,
            due: $due,
            form: $this->form,
            brief: $this->brief,
        );
    }

    /** The same build with another story; what it says of service and ground stands in the build. */
    public function told(Story $brief, ?int $serviceMonths, ?Terrain $terrain): self
    {
        return new self(
            name: $this->name,
            vehicle: $this->vehicle,
            kind: $this->kind,
            scale: $this->scale,
            story: $this->story,
            serviceMonths: $serviceMonths,
            terrain: $terrain,
            due: $this->due,
            form: $this->form,
            brief: $brief,
        );
    }
}
