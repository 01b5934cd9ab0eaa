import Button from '@mui/material/Button';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useMaking } from '../../bench/Making';
import type { SeamRow } from '../../contracts/layout';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { useJobTape } from '../../tape/JobTape';
import { Len, Said } from '../../tape/Len';

/** The running marks of every face, called out both ways from the control line. */
export function AllMarks() {
    const { t } = useTranslation();
    const make = useMaking();
    const job = useJob();
    const print = useJobTape();
    const [middle, setMiddle] = useState(false);
    const slice = usePlanSlice(job.id, 'marks', job.revision, middle ? 'middle' : null).data;
    if (!slice)
        return (
            <p className="muted" role="status">
                {t('loading')}
            </p>
        );
    return (
        <div className="all-marks" tabIndex={0} role="group" aria-label={t('layout.marks')}>
            <p className="muted">
                {t(slice.bothWays ? 'marks.both-ways' : slice.runsRight ? 'marks.runs-right' : 'marks.runs-left')}{' '}
                {t('marks.checks', { every: slice.checkEvery })}{' '}
                <Button size="small" onClick={() => make('layout.pdf')}>
                    {t('send.layout.pdf')}
                </Button>
            </p>
            <div className="rowed" role="group" aria-label={t('marks.from')}>
                <button type="button" className="chip" aria-pressed={!middle} onClick={() => setMiddle(false)}>
                    {t('marks.from-control')}
                </button>
                <button type="button" className="chip" aria-pressed={middle} onClick={() => setMiddle(true)}>
                    {t('marks.from-middle')}
                </button>
            </div>
            {slice.faces.map((face) => (
                <section key={face.id} className="marks-face" aria-label={face.name}>
                    <h2>
                        {face.name}{' '}
                        <span className="muted small">
                            <Said text={t(middle ? 'marks.middle' : 'marks.control', { at: print(face.control) })} />
                        </span>
                    </h2>
                    <div className="marks-runs">
                        <Run title={t('marks.left')} rows={face.left} />
                        <Run title={t('marks.right')} rows={face.right} />
                    </div>
                </section>
            ))}
        </div>
    );
}

function Run({ title, rows }: { title: string; rows: SeamRow[] }) {
    const { t } = useTranslation();
    if (rows.length === 0) return null;
    return (
        <table className="plain">
            <thead>
                <tr>
                    <th>{title}</th>
                    <th className="n">{t('marks.eave')}</th>
                    <th className="n">{t('marks.ridge')}</th>
                    <th className="n">{t('marks.meets')}</th>
                </tr>
            </thead>
            <tbody>
                {rows.map((row, i) => (
                    <tr key={row.distance} className={row.check ? 'check' : undefined}>
                        <th scope="row">
                            {i + 1}
                            {row.check && <span className="chalk-text"> {t('marks.check')}</span>}
                        </th>
                        <td className="n">{row.eave ? <Len inches={row.distance} /> : '—'}</td>
                        <td className="n">{row.head ? <Len inches={row.distance} /> : '—'}</td>
                        <td className="n small">
                            {row.head?.across ? (
                                row.head.meets ? (
                                    <>
                                        {row.head.across} <Len inches={Math.abs(row.head.theirs ?? 0)} />
                                    </>
                                ) : (
                                    <span className="stop">
                                        {t('marks.off')} <Len inches={row.head.miss ?? 0} />
                                    </span>
                                )
                            ) : (
                                ''
                            )}
                        </td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
