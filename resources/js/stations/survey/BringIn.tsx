import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ApiError, call, sendFile } from '../../api/client';
import type { Check } from '../../contracts/roof';
import type { Plane, Reading } from '../../contracts/survey';
import { useJob } from '../../job/JobContext';
import { freshId, putReading } from '../../job/edits';
import { addCheck, planesOf, takeIn } from '../../job/roofEdits';
import { Len } from '../../tape/Len';
import { readPitch } from '../../tape/readPitch';

type Way = 'drawing' | 'table' | 'report';
const WAYS: Way[] = ['report', 'drawing', 'table'];

interface Drawn {
    unit: string | null;
    size: [number, number];
    asks: string[];
    planes: Plane[];
    notUnderstood: { what: string; layer: string; count: number }[];
}

interface Table {
    readings: { plane: string; reading: Omit<Reading, 'id'> }[];
    checks: Omit<Check, 'id'>[];
}

/** Measures from elsewhere: a report, a drawing, a table. Shown first, taken over as one edit that can be undone. */
export default function BringIn({ onClose }: { onClose: () => void }) {
    const { t } = useTranslation();
    const [way, setWay] = useState<Way>('report');
    return (
        <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="bring-title">
            <DialogTitle id="bring-title">{t('bring.title')}</DialogTitle>
            <DialogContent>
                <div className="rowed" role="group" style={{ marginBottom: 14 }}>
                    {WAYS.map((one) => (
                        <button
                            key={one}
                            type="button"
                            className="chip"
                            aria-pressed={one === way}
                            onClick={() => setWay(one)}
                        >
                            {t(`bring.${one}`)}
                        </button>
                    ))}
                </div>
                {way === 'report' && <FromReport onDone={onClose} />}
                {way === 'drawing' && <FromDrawing onDone={onClose} />}
                {way === 'table' && <FromTable onDone={onClose} />}
            </DialogContent>
            <DialogActions>
                <Button onClick={onClose}>{t('close')}</Button>
            </DialogActions>
        </Dialog>
    );
}

function Faults({ error, onRetry }: { error: unknown; onRetry?: () => void }) {
    const { t } = useTranslation();
    if (!error) return null;
    const faults = error instanceof ApiError ? error.faults : [];
    return (
        <div className="finding" data-severity="block" role="alert">
            {faults.length > 0 ? (
                faults.map((fault, i) => <p key={i}>{fault.message}</p>)
            ) : (
                <p>{error instanceof ApiError ? (error.message409 ?? t('form.failed')) : t('bring.offline')}</p>
            )}
            {onRetry && (
                <button type="button" className="linkish" onClick={onRetry}>
                    {t('gauge.retry')}
                </button>
            )}
        </div>
    );
}

function FromReport({ onDone }: { onDone: () => void }) {
    const { t } = useTranslation();
    const job = useJob();
    const [reference, setReference] = useState<string | null>(null);
    const offered = useQuery({
        queryKey: ['reports', job.id],
        queryFn: () => call<{ reference: string; name: string }[]>('GET', `jobs/${job.id}/reports`),
        retry: false,
        gcTime: 0,
    });
    const report = useQuery({
        queryKey: ['report', job.id, reference],
        queryFn: () => call<Plane[]>('GET', `jobs/${job.id}/reports/${reference}`),
        enabled: reference !== null,
        retry: false,
        gcTime: 0,
    });
    const known = planesOf(job.document).map((plane) => plane.name.toLowerCase());
    return (
        <div className="stack">
            <p className="muted">{t('bring.report-hint')}</p>
            {offered.isFetching && (
                <p role="status" className="muted">
                    {t('bring.asking')}
                </p>
            )}
            <Faults error={offered.error} onRetry={() => void offered.refetch()} />
            {offered.data?.map((one) => (
                <button
                    key={one.reference}
                    type="button"
                    className="card"
                    aria-pressed={one.reference === reference}
                    onClick={() => setReference(one.reference)}
                >
                    <span className="row">
                        <span>{one.name}</span>
                        <span className="muted">{one.reference}</span>
                    </span>
                </button>
            ))}
            {report.isFetching && (
                <p role="status" className="muted">
                    {t('bring.asking')}
                </p>
            )}
            <Faults error={report.error} onRetry={() => void report.refetch()} />
            {report.data && (
                <>
                    <Planes
                        planes={report.data}
                        note={(plane) =>
                            t(known.includes(plane.name.toLowerCase()) ? 'bring.joins' : 'bring.new', {
                                count: plane.readings?.length ?? 0,
                            })
                        }
                    />
                    <Button
                        variant="contained"
                        onClick={() => {
                            job.edit((d) => takeIn(d, report.data));
                            onDone();
                        }}
                    >
                        {t('bring.take')}
                    </Button>
                </>
            )}
        </div>
    );
}

function FromDrawing({ onDone }: { onDone: () => void }) {
    const { t } = useTranslation();
    const job = useJob();
    const [file, setFile] = useState<File | null>(null);
    const [unit, setUnit] = useState('');
    const [scale, setScale] = useState('');
    const [drawn, setDrawn] = useState<'plan' | 'deck'>('plan');
    const [pitch, setPitch] = useState('');
    const rise = readPitch(pitch);
    const query = useQuery({
        queryKey: [
            'dxf',
            job.id,
            file?.name,
            file?.lastModified,
            unit,
            scale,
            drawn,
            'riseIn12' in rise ? rise.riseIn12 : '',
        ],
        queryFn: () =>
            sendFile<Drawn>(`jobs/${job.id}/imports/dxf`, file as File, {
                unit,
                scale: /^\d+(\.\d+)?$/.test(scale) ? scale : '',
                drawn,
                riseIn12: 'riseIn12' in rise ? String(rise.riseIn12) : '',
            }),
        enabled: file !== null,
        retry: false,
        gcTime: 0,
    });
    const result = query.data;
    const asks = (what: string) => result?.asks.includes(what) ?? false;
    return (
        <div className="stack">
            <p className="muted">{t('bring.drawing-hint')}</p>
            <FilePicker accept=".dxf" onFile={setFile} />
            <Faults error={query.error} />
            {file && (
                <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                    <TextField
                        select
                        label={t('bring.unit')}
                        value={unit || (result?.unit ?? '')}
                        error={asks('unit')}
                        helperText={asks('unit') ? t('bring.ask-unit') : undefined}
                        onChange={(event) => setUnit(event.target.value)}
                    >
                        {['in', 'ft', 'mm', 'cm', 'm'].map((one) => (
                            <MenuItem key={one} value={one}>
                                {t(`bring.unit.${one}`)}
                            </MenuItem>
                        ))}
                    </TextField>
                    <TextField
                        label={t('bring.scale')}
                        value={scale}
                        placeholder="1"
                        error={asks('scale')}
                        helperText={asks('scale') ? t('bring.ask-scale') : undefined}
                        onChange={(event) => setScale(event.target.value)}
                        slotProps={{ htmlInput: { inputMode: 'decimal' } }}
                    />
                    <TextField
                        select
                        label={t('bring.drawn')}
                        value={drawn}
                        onChange={(event) => setDrawn(event.target.value as 'plan' | 'deck')}
                    >
                        <MenuItem value="plan">{t('bring.in-plan')}</MenuItem>
                        <MenuItem value="deck">{t('bring.on-deck')}</MenuItem>
                    </TextField>
                    <TextField
                        label={t('bring.pitch')}
                        value={pitch}
                        error={asks('pitch')}
                        helperText={asks('pitch') ? t('bring.ask-pitch') : undefined}
                        onChange={(event) => setPitch(event.target.value)}
                    />
                </div>
            )}
            {result && (
                <p className="muted">
                    {t('bring.size')} <Len inches={result.size[0]} /> × <Len inches={result.size[1]} />
                </p>
            )}
            {asks('outlines') && (
                <p className="finding" data-severity="block">
                    {t('bring.ask-outlines')}
                </p>
            )}
            {result && result.notUnderstood.length > 0 && (
                <section>
                    <h3>{t('bring.left-out')}</h3>
                    <ul className="small muted">
                        {result.notUnderstood.map((one) => (
                            <li key={`${one.what}${one.layer}`}>
                                {t('bring.left', { what: one.what, layer: one.layer, count: one.count })}
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            {result && result.planes.length > 0 && (
                <>
                    <Planes
                        planes={result.planes}
                        note={(plane) =>
                            t('bring.outline', { corners: plane.outline?.length ?? 0, rise: plane.riseIn12 ?? 0 })
                        }
                    />
                    <Button
                        variant="contained"
                        onClick={() => {
                            job.edit((d) => takeIn(d, result.planes));
                            onDone();
                        }}
                    >
                        {t('bring.take')}
                    </Button>
                </>
            )}
        </div>
    );
}

function FromTable({ onDone }: { onDone: () => void }) {
    const { t } = useTranslation();
    const job = useJob();
    const [file, setFile] = useState<File | null>(null);
    const query = useQuery({
        queryKey: ['csv', job.id, job.revision, file?.name, file?.lastModified],
        queryFn: () => sendFile<Table>(`jobs/${job.id}/imports/readings`, file as File, {}),
        enabled: file !== null,
        retry: false,
        gcTime: 0,
    });
    const table = query.data;
    const take = (found: Table) =>
        job.edit((d) => {
            let next = d;
            for (const { plane, reading } of found.readings)
                next = putReading(next, plane, {
                    ...reading,
                    id: freshId(
                        'r',
                        (planesOf(next).find((one) => one.id === plane)?.readings ?? []).map((reading) => reading.id),
                    ),
                });
            for (const check of found.checks) next = addCheck(next, check);
            return next;
        });
    return (
        <div className="stack">
            <p className="muted">{t('bring.table-hint')}</p>
            <FilePicker accept=".csv,.txt" onFile={setFile} />
            <Faults error={query.error} />
            {table && <p>{t('bring.table-found', { readings: table.readings.length + table.checks.length })}</p>}
            {table && table.readings.length + table.checks.length > 0 && (
                <Button
                    variant="contained"
                    onClick={() => {
                        take(table);
                        onDone();
                    }}
                >
                    {t('bring.take')}
                </Button>
            )}
        </div>
    );
}

function FilePicker({ accept, onFile }: { accept: string; onFile: (file: File | null) => void }) {
    const { t } = useTranslation();
    return (
        <label className="stack" style={{ gap: 6 }}>
            <span>{t('bring.file')}</span>
            <input type="file" accept={accept} onChange={(event) => onFile(event.target.files?.[0] ?? null)} />
        </label>
    );
}

function Planes({ planes, note }: { planes: Plane[]; note: (plane: Plane) => string }) {
    return (
        <table className="plain">
            <tbody>
                {planes.map((plane) => (
                    <tr key={plane.id}>
                        <td>
                            <b>{plane.name}</b>
                        </td>
                        <td className="n muted">{note(plane)}</td>
                    </tr>
                ))}
            </tbody>
        </table>
    );
}
