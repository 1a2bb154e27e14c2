<?php

declare(strict_types=1);

namespace Bouclier\Core\Exchange;

use Bouclier\Core\House\FileFault;

/** A house file that was refused: every fault found, none of it stored. */
final class BadHouseFile extends \RuntimeException
{
    /** @param non-empty-list<FileFault> $faults */
    public function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", $faults));
    }

    public static function because(string $message): self
    {
        return new self([new FileFault('', $message)]);
    }
}
