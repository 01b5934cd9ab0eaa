import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { call } from '../api/client';
import { useJobs, useSession } from '../api/queries';
import type { JobSummary } from '../api/types';
import { BeginJob } from './BeginJob';
import { FirstSteps } from './FirstSteps';
import { JobRow, type Deed } from './JobRow';
import { PageHead } from './PageHead';

const SHELVES = ['at-work', 'archived', 'deleted'] as const;
type Shelf = (typeof SHELVES)[number];

const SORTS = ['touched', 'untouched', 'name'] as const;
type Sort = (typeof SORTS)[number];

const shelfOf = (job: JobSummary): Shelf =>
    job.deletedUntil !== null ? 'deleted' : job.archived ? 'archived' : 'at-work';

const inOrder: Record<Sort, (a: JobSummary, b: JobSummary) => number> = {
    touched: (a, b) => b.savedAt.localeCompare(a.savedAt),
    untouched: (a, b) => a.savedAt.localeCompare(b.savedAt),
    name: (a, b) => a.name.localeCompare(b.name),
};

const REQUESTS: Record<Deed, [string, string]> = {
    copy: ['POST', '/copy'],
    archive: ['PUT', '/archive'],
    unarchive: ['DELETE', '/archive'],
    delete: ['DELETE', ''],
    restore: ['POST', '/restore'],
};

/** The crew's jobs, each at a glance; the first page, and the way to every other. */
export default function Jobs() {
    const { t } = useTranslation();
    const client = useQueryClient();
    const jobs = useJobs();
    const may = useSession().data?.user?.may;
    const [sieve, setSieve] = useState<Wanted>({ shelf: 'at-work', sort: 'touched', words: '' });
    const told = useRef<HTMLParagraphElement>(null);
    const [done, setDone] = useState<string | null>(null);
    const all = jobs.data ?? [];
    const on = (one: Shelf) => all.filter((job) => shelfOf(job) === one);
    const shown = on(sieve.shelf)
        .filter((job) => `${job.name} ${job.author}`.toLowerCase().includes(sieve.words.trim().toLowerCase()))
        .sort(inOrder[sieve.sort]);
    const deed = async (deed: Deed, job: JobSummary) => {
        const [method, path] = REQUESTS[deed];
        try {
            await call(method, `jobs/${job.id}${path}`);
            setDone(t(`jobs.done.${deed}`, { name: job.name }));
        } catch {
            setDone(t('form.failed'));
        }
        await client.invalidateQueries({ queryKey: ['jobs'] });
        // The job may stand elsewhere now, and its button with it.
        told.current?.focus();
    };
    return (
        <main className="page wide-page">
            <Beginning isEmpty={jobs.data?.length === 0} />
            <Reached isPending={jobs.isPending} isError={jobs.isError} />
            <p
                role="status"
                ref={told}
                tabIndex={-1}
                className={done ? 'finding' : 'visually-hidden'}
                data-severity="note"
            >
                {done}
            </p>
            {all.length > 0 && <Sieve sieve={sieve} onSieve={setSieve} count={(one) => on(one).length} />}
            {all.length > 0 && shown.length === 0 && <p className="muted">{t('jobs.none-found')}</p>}
            <ul className="job-rows">
                {may &&
                    shown.map((job) => (
                        <JobRow key={job.id} job={job} may={may} onDeed={(...of) => void deed(...of)} />
                    ))}
            </ul>
        </main>
    );
}

/** Which of the jobs one wants to see, and in which order. */
interface Wanted {
    shelf: Shelf;
    sort: Sort;
    words: string;
}

interface SieveProps {
    sieve: Wanted;
    onSieve: (sieve: Wanted) => void;
    count: (shelf: Shelf) => number;
}

function Sieve({ sieve, onSieve, count }: SieveProps) {
    const { t } = useTranslation();
    const change = (changed: Partial<Wanted>) => onSieve({ ...sieve, ...changed });
    return (
        <div className="rowed" style={{ marginBottom: 14 }}>
            <TextField
                label={t('jobs.search')}
                value={sieve.words}
                onChange={(event) => change({ words: event.target.value })}
                sx={{ flex: '1 1 220px', width: 'auto' }}
                slotProps={{ htmlInput: { type: 'search', autoComplete: 'off' } }}
            />
            <TextField
                select
                label={t('jobs.sort')}
                value={sieve.sort}
                onChange={(event) => change({ sort: event.target.value as Sort })}
                sx={{ flex: '0 1 220px', width: 'auto' }}
            >
                {SORTS.map((one) => (
                    <MenuItem key={one} value={one}>
                        {t(`jobs.sort.${one}`)}
                    </MenuItem>
                ))}
            </TextField>
            <div className="rowed" role="group" aria-label={t('jobs.shelves')}>
                {SHELVES.filter((one) => one === 'at-work' || count(one) > 0).map((one) => (
                    <button
                        key={one}
                        type="button"
                        className="chip"
                        aria-pressed={one === sieve.shelf}
                        onClick={() => change({ shelf: one })}
                    >
                        {t(`jobs.shelf.${one}`, { count: count(one) })}
                    </button>
                ))}
            </div>
        </div>
    );
}

/** Whether the jobs have come. */
function Reached({ isPending, isError }: { isPending: boolean; isError: boolean }) {
    const { t } = useTranslation();
    return (
        <>
            {isPending && (
                <p className="muted" role="status">
                    {t('loading')}
                </p>
            )}
            {isError && (
                <p className="finding" data-severity="block" role="alert">
                    {t('job.not-reached')}
                </p>
            )}
        </>
    );
}

/** The head of the page, and the way to a new job: open from the first where there is none. */
function Beginning({ isEmpty }: { isEmpty: boolean }) {
    const { t } = useTranslation();
    const may = useSession().data?.user?.may;
    const [adding, setAdding] = useState(false);
    return (
        <>
            <PageHead title={t('jobs.title')}>
                {may?.change && !isEmpty && (
                    <Button variant="contained" onClick={() => setAdding(!adding)} aria-expanded={adding}>
                        {t('jobs.new')}
                    </Button>
                )}
            </PageHead>
            {isEmpty && (may?.change ? <FirstSteps may={may} /> : <p className="sheet">{t('jobs.none-yet')}</p>)}
            {may?.change && (adding || isEmpty) && <BeginJob />}
        </>
    );
}
