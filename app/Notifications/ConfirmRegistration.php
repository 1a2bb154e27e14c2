<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\Registration;

/** The address of a new crew's first member is followed back. */
final class ConfirmRegistration extends MailLink
{
    public function __construct(private readonly Registration $registration, private readonly string $token)
    {
    }

    protected function said(): array
    {
        return [
            'subject' => 'Your crew is ready to begin',
            'lines' => ["Follow the link to open the crew {$this->registration->crew}."],
            'action' => 'Open the crew',
            'url' => url("/register/confirm/{$this->token}"),
            'after' => 'The link is good for ' . Registration::HOURS . ' hours. If you asked for nothing, do nothing.',
        ];
    }
}
