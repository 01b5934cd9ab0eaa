import type { ReactNode } from 'react';
import { Link } from '../parts/router';
import { AccountMenu } from '../shell/AccountMenu';

/** The head of a page outside a job. */
export function PageHead({ title, children }: { title: string; children?: ReactNode }) {
    return (
        <header className="page-head">
            <title>{`${title} · Imbrex`}</title>
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
