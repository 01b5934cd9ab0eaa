import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { sendFile } from '../../api/client';
import type { Plane } from '../../contracts/survey';
import { useJob } from '../../job/JobContext';
import type { Opening } from '../../job/openingEdits';
import { takeIn } from './edits';
import { Len } from '../../tape/Len';
import { readPitch } from '../../tape/readPitch';
import { DrawnOpenings } from './DrawnOpenings';
import { DrawnOutlines, type DrawnOutline, type DrawnThrough } from './DrawnOutlines';
import { Faults, FilePicker, Planes } from './bringing';
import { usePitch } from '../../tape/measures';

interface Drawn {
    unit: string | null;
    size: [number, number];
    asks: string[];
    outlines: DrawnOutline[];
    planes: Plane[];
    openings: Opening[];
    through: DrawnThrough[];
    notUnderstood: { what: string; layer: string; count: number }[];
}

export function FromDrawing({ onDone, start }: { onDone: () => void; start?: File }) {
    const { t } = useTranslation();
    const job = useJob();
    const [file, setFile] = useState<File | null>(start ?? null);
    const [how, setHow] = useState<How>({ unit: '', scale: '', drawn: 'plan', pitch: '' });
    const [without, setWithout] = useState<string[]>([]);
    const [kinds, setKinds] = useState<Record<string, Opening['kind']>>({});
    const [eaves, setEaves] = useState<Record<string, number>>({});
    const query = useDrawn(file, how, eaves);
    const result = query.data;
    const numbered = useNumbered(result?.openings ?? [], kinds);
    const onFaces = numbered.filter((one) => !without.includes(one.face));
    const asks = (what: string) => result?.asks.includes(what) ?? false;
    return (
        <div className="stack">
            <p className="muted">{t('bring.drawing-hint')}</p>
            <FilePicker
                accept=".dxf"
                chosen={file}
                onFile={(next) => {
                    setFile(next);
                    setWithout([]);
                    setEaves({});
                    setKinds({});
                }}
            />
            <Faults error={query.error} />
            {file && (
                <HowDrawn
                    how={how}
                    unit={result?.unit ?? ''}
                    asks={asks}
                    onHow={(changed) => setHow({ ...how, ...changed })}
                />
            )}
            {result && (
                <p className="muted">
                    {t('bring.size')} <Len inches={result.size[0]} /> × <Len inches={result.size[1]} />
                </p>
            )}
            {result && (
                <Outlines
                    result={result}
                    without={without}
                    onEave={(outline, side) => setEaves({ ...eaves, [outline]: side })}
                />
            )}
            {asks('outlines') && (
                <p className="finding" data-severity="block">
                    {t('bring.ask-outlines')}
                </p>
            )}
            <LeftOut left={result?.notUnderstood ?? []} />
            {result && result.planes.length > 0 && (
                <Found
                    planes={result.planes}
                    openings={onFaces}
                    without={without}
                    onWithout={setWithout}
                    onKind={(id, kind) => setKinds({ ...kinds, [id]: kind })}
                    onTake={(wanted, through) => {
                        job.edit((d) => takeIn(d, wanted, through));
                        onDone();
                    }}
                />
            )}
        </div>
    );
}

/** How a file is to be understood, as it is typed. */
interface How {
    unit: string;
    scale: string;
    drawn: 'plan' | 'deck';
    pitch: string;
}

/** What is in a file, understood so. */
function useDrawn(file: File | null, how: How, eaves: Record<string, number>) {
    const job = useJob();
    const rise = readPitch(how.pitch, job.units);
    return useQuery({
        queryKey: [
            'dxf',
            job.id,
            file?.name,
            file?.lastModified,
            how.unit,
            how.scale,
            how.drawn,
            'riseIn12' in rise ? rise.riseIn12 : '',
            eaves,
        ],
        queryFn: () =>
            sendFile<Drawn>(`jobs/${job.id}/imports/dxf`, file as File, {
                unit: how.unit,
                scale: /^\d+(\.\d+)?$/.test(how.scale) ? how.scale : '',
                drawn: how.drawn,
                riseIn12: 'riseIn12' in rise ? String(rise.riseIn12) : '',
                ...Object.fromEntries(
                    Object.entries(eaves).map(([outline, side]) => [`eaves[${outline}]`, String(side)]),
                ),
            }),
        placeholderData: (before) => before,
        enabled: file !== null,
        retry: false,
        gcTime: 0,
    });
}

/** Openings as they would be called here. */
function useNumbered(openings: Opening[], kinds: Record<string, Opening['kind']>) {
    const { t } = useTranslation();
    const job = useJob();
    const numberOf = (opening: Opening, before: Opening[]) =>
        [...(job.document.openings ?? []), ...before].filter((one) => one.kind === opening.kind).length + 1;
    const told = openings.map((one) => ({ ...one, kind: kinds[one.id] ?? one.kind }));
    return told.map((one, at, all) => ({
        ...one,
        name: one.name ?? t('opening.numbered', { kind: one.kind, number: numberOf(one, all.slice(0, at)) }),
    }));
}

interface OutlinesProps {
    result: Drawn;
    without: string[];
    onEave: (outline: string, side: number) => void;
}

/** The outlines that were found, and which of their sides is the eave. */
function Outlines({ result, without, onEave }: OutlinesProps) {
    const { t } = useTranslation();
    const asks = (what: string) => result.asks.includes(what);
    if (result.outlines.length === 0 || asks('unit') || asks('scale')) return null;
    return (
        <section>
            <p className={asks('eaves') ? 'finding' : 'muted'} data-severity="settle">
                {t(asks('eaves') ? 'bring.ask-eaves' : 'bring.eaves')}
            </p>
            <DrawnOutlines outlines={result.outlines} through={result.through} without={without} onEave={onEave} />
        </section>
    );
}

interface FoundProps {
    planes: Plane[];
    openings: Opening[];
    without: string[];
    onWithout: (without: string[]) => void;
    onKind: (id: string, kind: Opening['kind']) => void;
    onTake: (planes: Plane[], openings: Opening[]) => void;
}

/** The planes and openings that were found, each to be left out. */
function Found({ planes, openings, without, onWithout, onKind, onTake }: FoundProps) {
    const { t } = useTranslation();
    const sayPitch = usePitch();
    const wanted = planes
        .filter((plane) => !without.includes(plane.id))
        .map((plane) => ({ ...plane, ties: plane.ties?.filter((tie) => !without.includes(tie.plane)) }));
    const through = openings.filter((one) => !without.includes(one.id));
    return (
        <>
            <Planes
                planes={planes}
                without={without}
                onWithout={onWithout}
                note={(plane) =>
                    t('bring.outline', {
                        corners: plane.outline?.length ?? 0,
                        pitch: plane.riseIn12 === undefined ? '—' : sayPitch(plane.riseIn12),
                    })
                }
            />
            <DrawnOpenings
                openings={openings}
                planes={planes}
                without={without}
                onWithout={onWithout}
                onKind={onKind}
            />
            <Button variant="contained" disabled={wanted.length === 0} onClick={() => onTake(wanted, through)}>
                {t('bring.take')}
            </Button>
        </>
    );
}

interface HowDrawnProps {
    how: How;
    /** What the file says itself. */
    unit: string;
    asks: (what: string) => boolean;
    onHow: (changed: Partial<How>) => void;
}

function HowDrawn({ how, unit, asks, onHow }: HowDrawnProps) {
    const { t } = useTranslation();
    return (
        <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
            <TextField
                select
                label={t('bring.unit')}
                value={how.unit || unit}
                error={asks('unit')}
                helperText={asks('unit') ? t('bring.ask-unit') : undefined}
                onChange={(event) => onHow({ unit: event.target.value })}
            >
                {['in', 'ft', 'mm', 'cm', 'm'].map((one) => (
                    <MenuItem key={one} value={one}>
                        {t(`bring.unit.${one}`)}
                    </MenuItem>
                ))}
            </TextField>
            <TextField
                label={t('bring.scale')}
                value={how.scale}
                placeholder="1"
                error={asks('scale')}
                helperText={asks('scale') ? t('bring.ask-scale') : undefined}
                onChange={(event) => onHow({ scale: event.target.value })}
                slotProps={{ htmlInput: { inputMode: 'decimal' } }}
            />
            <TextField
                select
                label={t('bring.drawn')}
                value={how.drawn}
                onChange={(event) => onHow({ drawn: event.target.value as How['drawn'] })}
            >
                <MenuItem value="plan">{t('bring.in-plan')}</MenuItem>
                <MenuItem value="deck">{t('bring.on-deck')}</MenuItem>
            </TextField>
            <TextField
                label={t('bring.pitch')}
                value={how.pitch}
                error={asks('pitch') || asks('pitches')}
                helperText={asks('pitches') ? t('bring.ask-pitches') : asks('pitch') ? t('bring.ask-pitch') : undefined}
                onChange={(event) => onHow({ pitch: event.target.value })}
            />
        </div>
    );
}

/** What nobody could make anything of. */
function LeftOut({ left }: { left: Drawn['notUnderstood'] }) {
    const { t } = useTranslation();
    if (left.length === 0) return null;
    return (
        <section>
            <h2>{t('bring.left-out')}</h2>
            <ul className="small muted">
                {left.map((one) => (
                    <li key={`${one.what}${one.layer}`}>
                        {t('bring.left', { what: one.what, layer: one.layer, count: one.count })}
                    </li>
                ))}
            </ul>
        </section>
    );
}
