<?php

declare(strict_types=1);

namespace Ulvrach\Plan;

use Ulvrach\Copies;
use Ulvrach\Stuff\Chemistry\Carrier;
use Ulvrach\Stuff\Chemistry\Contact;

/** One pass of taking the surplus of a wash or streak off again. */
final readonly class CleanUpPass
{
    use Copies;

    /**
     * @param  Carrier|null  $carrier  null: with a dry brush or cloth
     * @param  bool  $rubbed  scrubbed; otherwise wiped
     * @param  int  $afterMinutes  from the end of applying to the first stroke
     */
    public function __construct(
        public ?Carrier $carrier,
        public bool $rubbed,
        public int $afterMinutes,
    ) {
    }

    public function contact(): Contact
    {
        return $this->rubbed ? Contact::Scrub : Contact::Wipe;
    }
}
