import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Plane, SurveyPlane } from '../../contracts/survey';
import { useJob } from '../../job/JobContext';
import { editPlane, tieSide } from './edits';
import { planesOf } from '../../job/roofEdits';
import { letter, runsByCorner, SHAPES, type Name, type Shape } from './quantities';
import { useUsualEdges } from './useUsualEdges';

const KINDS = ['eave', 'rake', 'ridge', 'peak', 'hip', 'valley', 'headwall', 'sidewall', 'transition'] as const;
type Kind = (typeof KINDS)[number];
const FEWEST = 3;
const MOST = 24;

/** What one sees in a plane before it is measured: its shape, what each side is, and which plane lies beyond it. */
export function PlaneShape({
    plane,
    survey,
    onPick,
}: {
    plane: Plane;
    survey: SurveyPlane | undefined;
    onPick: (name: Name) => void;
}) {
    const { t } = useTranslation();
    const { document: doc, edit, mayChange } = useJob();
    const usualEdges = useUsualEdges();
    const shape = plane.shape ?? 'rectangle';
    const edges = plane.edges ?? survey?.edges ?? usualEdges(shape);
    const others = planesOf(doc).filter((one) => one.id !== plane.id);
    const sidesOf = (one: Plane | undefined) => one?.edges ?? usualEdges(one?.shape ?? 'rectangle');
    const change = (part: (one: Plane) => Plane) => edit((d) => editPlane(d, plane.id, part));
    const setShape = (next: Shape) => {
        const sides = usualEdges(next);
        change((plane) => ({
            ...plane,
            shape: next,
            edges: sides,
            readings: (plane.readings ?? []).filter(
                (reading) =>
                    reading.corner === undefined ||
                    (runsByCorner(next) && reading.corner < sides.length && (reading.to ?? 0) < sides.length),
            ),
        }));
    };
    const setKind = (side: number, kind: Kind) =>
        change((plane) => ({ ...plane, edges: edges.map((old, i) => (i === side ? kind : old)) as Plane['edges'] }));
    const setTie = (side: number, value: string) =>
        edit((d) => {
            const [other, itsSide] = value.split(' ');
            const beyond = value === '' ? null : { plane: other, side: Number(itsSide) };
            const its = sidesOf(others.find((one) => one.id === other))[beyond?.side ?? 0];
            return tieSide(d, plane.id, side, beyond, { own: edges[side], its });
        });
    const resize = (by: 1 | -1) =>
        change((plane) => ({
            ...plane,
            edges: (by === 1 ? [...edges, 'rake'] : edges.slice(0, -1)) as Plane['edges'],
            readings: (plane.readings ?? []).filter(
                (reading) => Math.max(reading.corner ?? 0, reading.to ?? 0) < edges.length + Math.min(0, by),
            ),
        }));
    const outlineGiven = plane.outline !== undefined;
    return (
        <section className="stack" style={{ gap: 10 }}>
            <h2 style={{ marginBottom: 0 }}>{t('shape.title')}</h2>
            {outlineGiven ? (
                <p className="muted">{t('shape.outline-given', { corners: edges.length })}</p>
            ) : (
                <TextField
                    select
                    label={t('shape.shape')}
                    value={shape}
                    disabled={!mayChange}
                    onChange={(event) => setShape(event.target.value as Shape)}
                >
                    {SHAPES.map((shape) => (
                        <MenuItem key={shape} value={shape}>
                            {t(`shape.${shape}`)}
                        </MenuItem>
                    ))}
                </TextField>
            )}
            {shape === 'parallelogram' && (
                <TextField
                    select
                    label={t('shape.leans')}
                    value={plane.leans ?? 'right'}
                    disabled={!mayChange}
                    onChange={(event) =>
                        change((plane) => ({ ...plane, leans: event.target.value as 'left' | 'right' }))
                    }
                >
                    <MenuItem value="right">{t('shape.right')}</MenuItem>
                    <MenuItem value="left">{t('shape.left')}</MenuItem>
                </TextField>
            )}
            {edges.map((kind, side) => (
                <OneSide
                    key={side}
                    plane={plane}
                    side={side}
                    kind={kind}
                    corners={edges.length}
                    others={others}
                    sidesOf={sidesOf}
                    onKind={(next) => setKind(side, next)}
                    onTie={(value) => setTie(side, value)}
                />
            ))}
            {shape === 'free' && !outlineGiven && mayChange && (
                <div className="rowed">
                    <Button variant="outlined" disabled={edges.length >= MOST} onClick={() => resize(1)}>
                        {t('shape.more')}
                    </Button>
                    <Button variant="outlined" disabled={edges.length <= FEWEST} onClick={() => resize(-1)}>
                        {t('shape.fewer')}
                    </Button>
                </div>
            )}
            {(runsByCorner(shape) || outlineGiven) && mayChange && <Between corners={edges.length} onPick={onPick} />}
        </section>
    );
}

interface OneSideProps {
    plane: Plane;
    side: number;
    kind: string;
    corners: number;
    others: Plane[];
    sidesOf: (plane: Plane) => readonly string[];
    onKind: (kind: Kind) => void;
    /** The other plane and its side, `P2 1`; nothing where none lies there. */
    onTie: (value: string) => void;
}

/** What one side is, and which plane lies beyond it. */
function OneSide({ plane, side, kind, corners, others, sidesOf, onKind, onTie }: OneSideProps) {
    const { t } = useTranslation();
    const { mayChange } = useJob();
    const tie = plane.ties?.find((ty) => ty.side === side);
    return (
        <div className="rowed" style={{ flexWrap: 'nowrap' }}>
            <TextField
                select
                label={t('shape.side', { from: letter(side), to: letter((side + 1) % corners) })}
                value={kind}
                disabled={!mayChange}
                onChange={(event) => onKind(event.target.value as Kind)}
            >
                {KINDS.map((kind) => (
                    <MenuItem key={kind} value={kind}>
                        {t(`edge.${kind}`)}
                    </MenuItem>
                ))}
            </TextField>
            {others.length > 0 && (
                <TextField
                    select
                    label={t('shape.beyond')}
                    value={tie ? `${tie.plane} ${tie.itsSide}` : ''}
                    disabled={!mayChange}
                    onChange={(event) => onTie(event.target.value)}
                >
                    <MenuItem value="">{t('shape.nothing')}</MenuItem>
                    {others.flatMap((plane) =>
                        sidesOf(plane).map((its, i, all) => (
                            <MenuItem key={`${plane.id} ${i}`} value={`${plane.id} ${i}`}>
                                {t('shape.its-side', {
                                    plane: plane.name,
                                    from: letter(i),
                                    to: letter((i + 1) % all.length),
                                    kind: its,
                                })}
                            </MenuItem>
                        )),
                    )}
                </TextField>
            )}
        </div>
    );
}

/** A length between two corners, to be measured next. */
function Between({ corners, onPick }: { corners: number; onPick: (name: Name) => void }) {
    const { t } = useTranslation();
    const [from, setFrom] = useState(0);
    const [to, setTo] = useState(2);
    return (
        <div className="rowed" style={{ flexWrap: 'nowrap' }}>
            {[
                { value: from, set: setFrom, label: 'shape.from' },
                { value: to, set: setTo, label: 'shape.to' },
            ].map((one) => (
                <TextField
                    key={one.label}
                    select
                    label={t(one.label)}
                    value={Math.min(one.value, corners - 1)}
                    onChange={(event) => one.set(Number(event.target.value))}
                >
                    {Array.from({ length: corners }, (_, i) => (
                        <MenuItem key={i} value={i}>
                            {letter(i)}
                        </MenuItem>
                    ))}
                </TextField>
            ))}
            <Button
                variant="outlined"
                disabled={from === to}
                sx={{ flex: '0 0 auto' }}
                onClick={() => onPick(`between-${Math.min(from, to)}-${Math.max(from, to)}`)}
            >
                {t('shape.measure')}
            </Button>
        </div>
    );
}
