import { beside } from '../words/lists';
import { useTranslation } from 'react-i18next';
import type { ReactNode } from 'react';
import { Link } from '../parts/router';
import { AccountMenu } from '../shell/AccountMenu';

/** The head of a page outside a job. */
export function PageHead({ title, children }: { title: string; children?: ReactNode }) {
    const { t } = useTranslation();
    return (
        <header className="page-head">
            <title>{beside(t, [title, 'Imbrex'])}</title>
            <Link className="brand" to="/jobs">
                Imbrex
            </Link>
            <h1>{title}</h1>
            <span className="spacer" />
            {children}
            <AccountMenu />
        </header>
    );
}
