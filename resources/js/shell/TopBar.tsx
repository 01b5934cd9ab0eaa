import { hour } from '../words/figures';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from '../parts/router';
import { useJob, type JobState } from '../job/JobContext';
import { later } from '../parts/later';
import { withRules } from '../words/i18n';
import { AccountMenu } from './AccountMenu';
import { SendFiles } from './SendFiles';
import { useSaveState } from './useSaveState';

const History = later('history', () => import('./History'));
const JobSettings = later(
    'settings',
    withRules(() => import('./JobSettings')),
);

/** Which job, how it is saved, the way back, and the files it leaves in. */
export function TopBar() {
    const { t } = useTranslation();
    const job = useJob();
    const state = useSaveState();
    const [dialog, setDialog] = useState<'history' | 'settings' | null>(null);
    return (
        <header className="topbar">
            <Link className="brand" to="/jobs" title={t('job.back-to-jobs')}>
                Imbrex
            </Link>
            <span className="job">{job.document.name}</span>
            <span className="note muted">{job.document.note}</span>
            <span className="saved muted" role="status" aria-live="polite" data-save={state}>
                <button
                    type="button"
                    className="linkish"
                    style={{ color: 'inherit', fontWeight: 500 }}
                    onClick={() => setDialog('history')}
                    title={t('history.title')}
                >
                    {savedLine(t, job, state)}
                </button>
            </span>
            <span className="nowrap">
                <Arrow
                    label={t('undo')}
                    keys="Ctrl+Z"
                    flip={false}
                    disabled={!job.canUndo}
                    onClick={() => job.session.undo()}
                />
                <Arrow
                    label={t('redo')}
                    keys="Ctrl+Shift+Z"
                    flip
                    disabled={!job.canRedo}
                    onClick={() => job.session.redo()}
                />
            </span>
            <Button variant="outlined" color="inherit" onClick={() => setDialog('settings')}>
                {t('settings.open')}
            </Button>
            <SendFiles />
            <AccountMenu />
            {dialog === 'history' && <History onClose={() => setDialog(null)} />}
            {dialog === 'settings' && <JobSettings onClose={() => setDialog(null)} />}
        </header>
    );
}

function savedLine(
    t: (key: string, values?: Record<string, string | number>) => string,
    job: JobState,
    state: string,
): string {
    const time = hour(job.savedAt);
    return t(`save.${state}`, { revision: job.revision, time });
}

function Arrow({
    label,
    keys,
    flip,
    disabled,
    onClick,
}: {
    label: string;
    keys: string;
    flip: boolean;
    disabled: boolean;
    onClick: () => void;
}) {
    return (
        <IconButton
            aria-label={label}
            title={`${label} (${keys})`}
            disabled={disabled}
            onClick={onClick}
            size="small"
            color="inherit"
            sx={{ width: 40, height: 40 }}
        >
            <svg
                width="20"
                height="20"
                viewBox="0 0 20 20"
                aria-hidden="true"
                style={{ transform: flip ? 'scaleX(-1)' : undefined }}
            >
                <path
                    d="M8 4 3.5 8.5 8 13 M4 8.5h7.5a5 5 0 0 1 0 8H9"
                    fill="none"
                    stroke="currentColor"
                    strokeWidth="1.8"
                />
            </svg>
        </IconButton>
    );
}
