<?php

declare(strict_types=1);

namespace App\Notifications;

/** Somebody registered with an address that has an account: said to its owner, and to nobody else. */
final class AlreadyRegistered extends MailLink
{
    protected function said(): array
    {
        return [
            'subject' => 'You have an account already',
            'lines' => ['Somebody, you perhaps, registered a crew with this address. It has an account already; nothing was changed.'],
            'action' => 'Set a new password',
            'url' => url('/forgot-password'),
            'after' => 'If that was not you, do nothing.',
        ];
    }
}
