<?php

declare(strict_types=1);

namespace App\Notifications;

use App\Models\Invitation;

/** Somebody is asked into a crew. */
final class Invited extends MailLink
{
    private readonly string $invitation;
    private readonly string $crew;
    private readonly string $role;

    /** What it says is taken along: when its turn comes, the invitation may have been withdrawn. */
    public function __construct(Invitation $invitation, private readonly string $by, private readonly string $token)
    {
        $this->invitation = $invitation->id;
        $this->crew = $invitation->crew->name;
        $this->role = $invitation->role->label();
    }

    /** Done twice it sends one mail, and none of an invitation that was withdrawn. */
    public function shouldSend(): bool
    {
        return Invitation::query()->whereKey($this->invitation)->whereNull('mailed_at')->exists();
    }

    public function afterSending(): void
    {
        Invitation::query()->whereKey($this->invitation)->update(['mailed_at' => now()]);
    }

    public function failed(): void
    {
        Invitation::query()->whereKey($this->invitation)->update(['mail_failed_at' => now()]);
    }

    protected function said(): array
    {
        return [
            'subject' => "{$this->crew} asks you in",
            'lines' => ["{$this->by} asks you into the crew {$this->crew}, as {$this->role}."],
            'action' => 'Accept',
            'url' => url("/invitations/{$this->token}"),
            'after' => 'The link is good for ' . Invitation::DAYS . ' days. If you do not know them, do nothing.',
        ];
    }
}
