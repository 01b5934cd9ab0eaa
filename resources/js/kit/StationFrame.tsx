import type { CSSProperties, ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { useJob } from '../job/JobContext';
import { Link } from '../parts/router';

interface StationFrameProps {
    /** Stands over the bench where there is nothing on it. */
    title: string;
    /** What stands over the deck; a list of things to choose from, mostly. */
    head?: ReactNode;
    /** Whether what is shown has come. */
    isHere: boolean;
    /** Said in place of a drawing where there is nothing to draw yet. */
    none?: ReactNode;
    /** Leads to Survey from there. */
    toSurvey?: boolean;
    bench?: ReactNode;
    tape?: ReactNode;
    deckStyle?: CSSProperties;
    children?: ReactNode;
}

/** A station's place to work: the deck with the drawing, the bench beside it, the tape under both. */
export function StationFrame({
    title,
    head,
    isHere,
    none,
    toSurvey = false,
    bench,
    tape,
    deckStyle,
    children,
}: StationFrameProps) {
    const { t } = useTranslation();
    const job = useJob();
    return (
        <>
            <main className="deck" style={deckStyle}>
                {head && <div className="deck-head">{head}</div>}
                {!isHere && (
                    <p className="muted" role="status">
                        {t('loading')}
                    </p>
                )}
                {isHere && none && (
                    <p className="sheet">
                        {none} {toSurvey && <Link to={`/jobs/${job.id}/survey`}>{t('layout.to-survey')}</Link>}
                    </p>
                )}
                {children}
            </main>
            {bench || (
                <aside className="bench" aria-label={t('bench')}>
                    <h1>{title}</h1>
                </aside>
            )}
            {tape}
        </>
    );
}
