import Button from '@mui/material/Button';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { RunningMark } from '../../contracts/layout';
import { usePlanSlice } from '../../api/queries';
import { useJob } from '../../job/JobContext';
import { useJobTape } from '../../tape/JobTape';
import { Len, Said } from '../../tape/Len';

interface Row {
    distance: number;
    eave: RunningMark | null;
    ridge: RunningMark | null;
}

/** Eave and ridge marks side by side: a seam has the same distance on both, where it reaches both. */
function rowsOf(eave: RunningMark[], ridge: RunningMark[]): Row[] {
    const rows = new Map<string, Row>();
    const put = (mark: RunningMark, edge: 'eave' | 'ridge') => {
        const key = mark.distance.toFixed(3);
        const row = rows.get(key) ?? { distance: mark.distance, eave: null, ridge: null };
        row[edge] = mark;
        rows.set(key, row);
    };
    eave.filter((mark) => mark.kind === 'seam').forEach((mark) => put(mark, 'eave'));
    ridge.filter((mark) => mark.kind === 'seam').forEach((mark) => put(mark, 'ridge'));
    return [...rows.values()].sort((a, b) => Math.abs(a.distance) - Math.abs(b.distance));
}

/** The running marks of every face, called out both ways from the control line. */
export function AllMarks() {
    const { t } = useTranslation();
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
                <Button size="small" component="a" href={`/api/jobs/${job.id}/files/layout.pdf`} download>
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
            {slice.faces.map((face) => {
                const rows = rowsOf(face.eaveMarks, face.headMarks);
                return (
                    <section key={face.id} className="allMarks-face" aria-label={face.name}>
                        <h3>
                            {face.name}{' '}
                            <span className="muted small">
                                <Said
                                    text={t(middle ? 'marks.middle' : 'marks.control', { at: print(face.control) })}
                                />
                            </span>
                        </h3>
                        <div className="allMarks-runs">
                            <Run title={t('marks.left')} rows={rows.filter((row) => row.distance < 0)} />
                            <Run title={t('marks.right')} rows={rows.filter((row) => row.distance > 0)} />
                        </div>
                    </section>
                );
            })}
        </div>
    );
}

function Run({ title, rows }: { title: string; rows: Row[] }) {
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
                {rows.map((row, i) => {
                    const check = row.eave?.check || row.ridge?.check;
                    return (
                        <tr key={row.distance} className={check ? 'check' : undefined}>
                            <td>
                                {i + 1}
                                {check && <span className="chalk-text"> {t('marks.check')}</span>}
                            </td>
                            <td className="n">{row.eave ? <Len inches={Math.abs(row.distance)} /> : '—'}</td>
                            <td className="n">{row.ridge ? <Len inches={Math.abs(row.distance)} /> : '—'}</td>
                            <td className="n small">
                                {row.ridge?.across ? (
                                    row.ridge.meets ? (
                                        <>
                                            {row.ridge.across} <Len inches={Math.abs(row.ridge.theirs ?? 0)} />
                                        </>
                                    ) : (
                                        <span className="stop">
                                            {t('marks.off')} <Len inches={row.ridge.miss ?? 0} />
                                        </span>
                                    )
                                ) : (
                                    ''
                                )}
                            </td>
                        </tr>
                    );
                })}
            </tbody>
        </table>
    );
}
