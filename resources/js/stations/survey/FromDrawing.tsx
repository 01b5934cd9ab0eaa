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
    const sayPitch = usePitch();
    const [file, setFile] = useState<File | null>(start ?? null);
    const [unit, setUnit] = useState('');
    const [scale, setScale] = useState('');
    const [drawn, setDrawn] = useState<'plan' | 'deck'>('plan');
    const [pitch, setPitch] = useState('');
    const [without, setWithout] = useState<string[]>([]);
    const [kinds, setKinds] = useState<Record<string, Opening['kind']>>({});
    const [eaves, setEaves] = useState<Record<string, number>>({});
    const numberOf = (opening: Opening, before: Opening[]) =>
        [...(job.document.openings ?? []), ...before].filter((one) => one.kind === opening.kind).length + 1;
    const rise = readPitch(pitch, job.units);
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
            eaves,
        ],
        queryFn: () =>
            sendFile<Drawn>(`jobs/${job.id}/imports/dxf`, file as File, {
                unit,
                scale: /^\d+(\.\d+)?$/.test(scale) ? scale : '',
                drawn,
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
    const result = query.data;
    const wanted = (result?.planes ?? [])
        .filter((plane) => !without.includes(plane.id))
        .map((plane) => ({ ...plane, ties: plane.ties?.filter((tie) => !without.includes(tie.plane)) }));
    const told = (result?.openings ?? []).map((one) => ({ ...one, kind: kinds[one.id] ?? one.kind }));
    const numbered = told.map((one, at, all) => ({
        ...one,
        name: one.name ?? t('opening.numbered', { kind: one.kind, number: numberOf(one, all.slice(0, at)) }),
    }));
    const onFaces = numbered.filter((one) => !without.includes(one.face));
    const through = onFaces.filter((one) => !without.includes(one.id));
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
                        error={asks('pitch') || asks('pitches')}
                        helperText={
                            asks('pitches') ? t('bring.ask-pitches') : asks('pitch') ? t('bring.ask-pitch') : undefined
                        }
                        onChange={(event) => setPitch(event.target.value)}
                    />
                </div>
            )}
            {result && (
                <p className="muted">
                    {t('bring.size')} <Len inches={result.size[0]} /> × <Len inches={result.size[1]} />
                </p>
            )}
            {result && result.outlines.length > 0 && !asks('unit') && !asks('scale') && (
                <section>
                    <p className={asks('eaves') ? 'finding' : 'muted'} data-severity="settle">
                        {t(asks('eaves') ? 'bring.ask-eaves' : 'bring.eaves')}
                    </p>
                    <DrawnOutlines
                        outlines={result.outlines}
                        through={result.through}
                        without={without}
                        onEave={(outline, side) => setEaves({ ...eaves, [outline]: side })}
                    />
                </section>
            )}
            {asks('outlines') && (
                <p className="finding" data-severity="block">
                    {t('bring.ask-outlines')}
                </p>
            )}
            {result && result.notUnderstood.length > 0 && (
                <section>
                    <h2>{t('bring.left-out')}</h2>
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
                        without={without}
                        onWithout={setWithout}
                        note={(plane) =>
                            t('bring.outline', {
                                corners: plane.outline?.length ?? 0,
                                pitch: plane.riseIn12 === undefined ? '—' : sayPitch(plane.riseIn12),
                            })
                        }
                    />
                    <DrawnOpenings
                        openings={onFaces}
                        planes={result.planes}
                        without={without}
                        onWithout={setWithout}
                        onKind={(id, kind) => setKinds({ ...kinds, [id]: kind })}
                    />
                    <Button
                        variant="contained"
                        disabled={wanted.length === 0}
                        onClick={() => {
                            job.edit((d) => takeIn(d, wanted, through));
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
