import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { Navigate, useLocation } from '../parts/router';
import { useSession } from '../api/queries';
import { NewVersion } from '../parts/NewVersion';
import { SignInAgain } from './SignInAgain';

/** Screens that need somebody signed in; others are sent to the door and come back afterwards. */
export function SignedIn({ children }: { children: ReactNode }) {
    const { t } = useTranslation();
    const session = useSession();
    const { pathname, search } = useLocation();
    if (session.isPending)
        return (
            <p className="narrow muted" role="status">
                {t('loading')}
            </p>
        );
    if (session.isError)
        return (
            <p className="narrow" role="alert">
                {t('job.not-reached')}
            </p>
        );
    if (!session.data.user) return <Navigate to={`/sign-in?to=${encodeURIComponent(pathname + search)}`} replace />;
    return (
        <>
            {children}
            <NewVersion />
            <SignInAgain person={session.data.user} />
        </>
    );
}
