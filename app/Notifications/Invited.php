<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\Invitation;

/** Somebody is asked into a crew. */
final class Invited extends MailLink
{
    public function __construct(private readonly Invitation $invitation, private readonly string $by, private readonly string $token)
    {
    }

    protected function said(): array
    {
        $crew = $this->invitation->crew->name;

        return [
            'subject' => "$crew asks you in",
            'lines' => ["{$this->by} asks you into the crew $crew, as {$this->invitation->role->label()}."],
            'action' => 'Accept',
            'url' => url("/invitations/{$this->token}"),
            'after' => 'The link is good for ' . Invitation::DAYS . ' days. If you do not know them, do nothing.',
        ];
    }
}
