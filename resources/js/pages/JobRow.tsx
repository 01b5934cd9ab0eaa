import { day, dayAndHour } from '../words/figures';
import IconButton from '@mui/material/IconButton';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from '../parts/router';
import { useCatalogue, useJobCard } from '../api/queries';
import type { JobSummary, Member } from '../api/types';
import type { JobCard } from '../contracts/plan';
import { RoofSketch } from './RoofSketch';

export type Deed = 'copy' | 'archive' | 'unarchive' | 'delete' | 'restore';

interface JobRowProps {
    job: JobSummary;
    may: Member['may'];
    onDeed: (deed: Deed, job: JobSummary) => void;
}

/** One job at a glance: its roof, its metal, how far it is, what is to settle, who touched it last. */
export function JobRow({ job, may, onDeed }: JobRowProps) {
    const { t } = useTranslation();
    const { row, seen } = useSeen();
    const gone = job.deletedUntil !== null;
    const { data: card, isPlaceholderData: isOld } = useJobCard(job, seen && !gone);
    return (
        <li className="job-row sheet" ref={row} data-job={job.name} data-old={(isOld && !gone) || undefined}>
            <div className="sketch">{card && <RoofSketch card={card} name={job.name} />}</div>
            <div className="what">
                <h2>{gone ? job.name : <Link to={`/jobs/${job.id}/survey`}>{job.name}</Link>}</h2>
                {/* Whatever is still to come has its room: nothing moves under a hand. */}
                <p>
                    {card && card.areaSquareFeet > 0
                        ? t('jobs.metal', {
                              profile: card.system.profile,
                              material: t(`material.${card.system.material}`),
                              gauge: card.system.gauge,
                              area: card.area,
                          })
                        : '\u00a0'}
                </p>
                {!gone && <HowFar job={job} states={card?.stations ?? []} />}
                <p className="muted small">
                    {gone
                        ? t('jobs.deleted-until', { day: day(job.deletedUntil as string) })
                        : t('jobs.touched', {
                              author: job.author,
                              when: dayAndHour(job.savedAt),
                              revision: job.revision,
                          })}
                </p>
            </div>
            <div className="stands">{card && <Stands card={card} job={job} />}</div>
            <Deeds job={job} may={may} onDeed={onDeed} />
        </li>
    );
}

function HowFar({ job, states }: { job: JobSummary; states: JobCard['stations'] }) {
    const { t } = useTranslation();
    const stations = useCatalogue().data?.stations ?? [];
    return (
        <ul className="how-far" aria-label={t('jobs.how-far')}>
            {stations.map((key) => {
                const state = states.find((one) => one.key === key)?.state;
                return (
                    <li key={key}>
                        <Link to={`/jobs/${job.id}/${key}`} data-state={state}>
                            {t(`station.${key}`)}
                            {state && <span className="visually-hidden">: {t(`jobs.state.${state}`)}</span>}
                            <span className="dot" aria-hidden="true" />
                        </Link>
                    </li>
                );
            })}
        </ul>
    );
}

function Stands({ card, job }: { card: JobCard; job: JobSummary }) {
    const { t } = useTranslation();
    return (
        <>
            {card.blocking > 0 && <p className="stop">{t('jobs.blocking', { count: card.blocking })}</p>}
            {card.toSettle > 0 && <p className="to-settle">{t('jobs.to-settle', { count: card.toSettle })}</p>}
            {card.blocking + card.toSettle === 0 && card.faces.length > 0 && (
                <p className="good">{t('jobs.nothing-to-settle')}</p>
            )}
            {card.next && (
                <p>
                    {t('jobs.next')} <Link to={`/jobs/${job.id}/${card.next}`}>{t(`station.${card.next}`)}</Link>
                </p>
            )}
        </>
    );
}

/** What can be done with the job as a whole; nothing of it is for ever. */
function Deeds({ job, may, onDeed }: JobRowProps) {
    const { t } = useTranslation();
    const [anchor, setAnchor] = useState<HTMLElement | null>(null);
    const gone = job.deletedUntil !== null;
    const deeds: Deed[] = gone
        ? ['restore']
        : [
              ...(may.change ? (['copy', job.archived ? 'unarchive' : 'archive'] as Deed[]) : []),
              ...(may.delete ? (['delete'] as Deed[]) : []),
          ];
    if (deeds.length === 0) return null;
    return (
        <>
            <IconButton
                aria-label={t('jobs.deeds', { name: job.name })}
                aria-haspopup="menu"
                color="inherit"
                sx={{ width: 44, height: 44 }}
                onClick={(event) => setAnchor(event.currentTarget)}
            >
                <svg width="20" height="20" viewBox="0 0 20 20" aria-hidden="true">
                    {[3, 10, 17].map((x) => (
                        <circle key={x} cx={x} cy="10" r="2" fill="currentColor" />
                    ))}
                </svg>
            </IconButton>
            <Menu open={anchor !== null} anchorEl={anchor} onClose={() => setAnchor(null)}>
                {deeds.map((deed) => (
                    <MenuItem
                        key={deed}
                        onClick={() => {
                            setAnchor(null);
                            onDeed(deed, job);
                        }}
                    >
                        {t(`jobs.deed.${deed}`)}
                    </MenuItem>
                ))}
            </Menu>
        </>
    );
}

const LOOKED_AT_MS = 250;

/** Plans are worked for the jobs one looks at, not for a long list below. */
function useSeen() {
    const row = useRef<HTMLLIElement>(null);
    const [seen, setSeen] = useState(false);
    useEffect(() => {
        let timer = 0;
        const watch = new IntersectionObserver(
            (entries) => {
                window.clearTimeout(timer);
                // Whoever only passes by waits for none of it.
                if (entries.at(-1)?.isIntersecting) timer = window.setTimeout(() => setSeen(true), LOOKED_AT_MS);
            },
            { rootMargin: '200px' },
        );
        if (row.current) watch.observe(row.current);
        return () => {
            window.clearTimeout(timer);
            watch.disconnect();
        };
    }, []);
    return { row, seen };
}
