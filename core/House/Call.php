<?php

declare(strict_types=1);

namespace Bouclier\Core\House;

/** The call that is open: what it is about, and what cannot be done in it. Its tests are entries of the house. */
final readonly class Call
{
    /**
     * @param Complaint|null $symptom null while no call is open
     * @param list<string>|null $cannot kinds of action, or a kind and the id of a place
     */
    public function __construct(public ?Complaint $symptom = null, public ?array $cannot = null)
    {
    }
}
