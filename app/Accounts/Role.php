<?php

declare(strict_types=1);

namespace App\Accounts;

/** What a member of a crew may do. */
enum Role: string
{
    case Owner = 'owner';
    case Estimator = 'estimator';
    case Foreman = 'foreman';
    case Installer = 'installer';

    public function changesPlans(): bool
    {
        return $this !== self::Installer;
    }

    public function releasesOrders(): bool
    {
        return $this === self::Owner || $this === self::Estimator;
    }

    /** Company rules and profiles of the crew's own. */
    public function keepsCatalogue(): bool
    {
        return $this === self::Owner || $this === self::Estimator;
    }

    public function deletesJobs(): bool
    {
        return $this === self::Owner;
    }

    public function invites(): bool
    {
        return $this === self::Owner;
    }
}
