<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\OutsideLink;

/** Who lives there is reminded of the monthly test. */
final class TestsDue extends MailLink
{
    /** @param list<string> $where where the devices are that are to be tested */
    public function __construct(private readonly OutsideLink $link, private readonly array $where)
    {
    }

    protected function said(): array
    {
        $many = count($this->where);

        return [
            'subject' => 'Test month: ' . ($many === 1 ? '1 device' : "$many devices") . " at {$this->link->house->name}",
            'lines' => [
                'Press TEST: it goes dead. Press RESET: it is back. A minute each, and the page takes it down by a tap.',
                ...$this->where,
            ],
            'action' => 'Open the page of the house',
            'url' => $this->link->url(),
            'after' => 'No more of these mails: tap that at the end of the page.',
        ];
    }
}
