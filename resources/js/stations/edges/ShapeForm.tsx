import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { StickLot } from '../../contracts/edges';
import type { OwnShape } from '../../contracts/trims';
import { Choice } from '../../bench/Choice';
import { useJob } from '../../job/JobContext';
import { shapedAs } from './trimEdits';
import { NumberField } from '../../tape/NumberField';
import { TapeField } from '../../tape/TapeField';

type Leg = OwnShape['legs'][number];
type Shape = Omit<OwnShape, 'legs'> & { legs: Leg[] };

const FOLLOWS: NonNullable<Leg['follows']>[] = ['pitch', 'pitch-less', 'dihedral', 'half-dihedral'];
const TOWARDS: NonNullable<Leg['towards']>[] = ['back', 'colour'];
const HEMS = ['closed', 'open'] as const;
const MOST_LEGS = 12;
const FLAT = 180;

/** A maker's own print in the place of the shape that ships: legs, bends and hems, from the visible low end. */
export function ShapeForm({ lot }: { lot: StickLot }) {
    const { t } = useTranslation();
    const { edit, units } = useJob();
    const [shape, setShape] = useState<Shape>(lot.as as unknown as Shape);
    const now = useRef(shape);
    const change = (changed: Partial<Shape>) => {
        now.current = { ...now.current, ...changed };
        setShape(now.current);
    };
    const leg = (i: number, changed: Partial<Leg>) =>
        change({ legs: now.current.legs.map((one, j) => (j === i ? { ...one, ...changed } : one)) });
    const last = shape.legs.length - 1;
    const take = () => {
        // What is being typed counts.
        if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
        edit((d) => shapedAs(d, lot.shape, now.current as OwnShape));
    };
    return (
        <form
            className="stack"
            style={{ gap: 12, padding: '8px 0 12px' }}
            aria-label={t('bent.form', { name: lot.name })}
            onSubmit={(event) => {
                event.preventDefault();
                take();
            }}
        >
            <p className="muted small">{t('bent.how')}</p>
            <Hem end="low" shape={shape} onChange={change} />
            {shape.legs.map((one, i) => (
                <fieldset key={i} className="stack" style={{ gap: 10, border: 0, padding: 0, margin: 0 }}>
                    <legend style={{ marginBottom: 8 }}>{t('bent.leg', { number: i + 1 })}</legend>
                    <TapeField
                        label={t('bent.length')}
                        name={t('bent.length-of', { number: i + 1 })}
                        value={one.length}
                        units={units}
                        most={24}
                        onChange={(length) => leg(i, { length })}
                    />
                    {i < last && (
                        <>
                            <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                                {one.follows !== 'dihedral' && (
                                    <NumberField
                                        label={t('bent.bend')}
                                        value={one.bend ?? FLAT}
                                        least={one.follows ? 0 : 20}
                                        most={340}
                                        onChange={(bend) => leg(i, { bend })}
                                    />
                                )}
                                <Choice
                                    label={t('bent.follows')}
                                    value={one.follows ?? ''}
                                    none={t('bent.follows.none')}
                                    options={FOLLOWS.map((value) => ({ value, name: t(`bent.follows.${value}`) }))}
                                    onChange={(follows) =>
                                        leg(i, {
                                            follows,
                                            bend: follows === 'dihedral' ? undefined : (one.bend ?? FLAT),
                                        })
                                    }
                                />
                            </div>
                            <Choice
                                label={t('bent.towards')}
                                value={one.towards ?? 'back'}
                                options={TOWARDS.map((value) => ({ value, name: t(`bent.towards.${value}`) }))}
                                onChange={(towards) => leg(i, { towards })}
                            />
                        </>
                    )}
                </fieldset>
            ))}
            <div className="rowed">
                <Button
                    variant="outlined"
                    color="inherit"
                    disabled={last + 1 >= MOST_LEGS}
                    onClick={() =>
                        change({
                            legs: [
                                ...shape.legs.slice(0, last),
                                { ...shape.legs[last], bend: 90, towards: 'back' },
                                { length: 1 },
                            ],
                        })
                    }
                >
                    {t('bent.add')}
                </Button>
                <Button
                    variant="outlined"
                    color="inherit"
                    disabled={last < 1}
                    onClick={() =>
                        change({ legs: [...shape.legs.slice(0, last - 1), { length: shape.legs[last - 1].length }] })
                    }
                >
                    {t('bent.remove')}
                </Button>
            </div>
            <Hem end="high" shape={shape} onChange={change} />
            <Choice
                label={t('bent.plumb')}
                value={shape.plumb === undefined ? '' : String(shape.plumb)}
                none={t('bent.plumb.none')}
                options={shape.legs.map((_, i) => ({ value: String(i), name: t('bent.leg', { number: i + 1 }) }))}
                onChange={(plumb) => change({ plumb: plumb === undefined ? undefined : Number(plumb) })}
            />
            <div className="rowed">
                <Button type="submit" variant="contained" onMouseDown={(event) => event.preventDefault()}>
                    {t('bent.take')}
                </Button>
                {lot.isOwn && (
                    <Button
                        variant="outlined"
                        color="inherit"
                        onClick={() => edit((d) => shapedAs(d, lot.shape, undefined))}
                    >
                        {t('bent.back')}
                    </Button>
                )}
            </div>
        </form>
    );
}

/** The hem at one end of a shape: none, closed or open. */
function Hem({
    end,
    shape,
    onChange,
}: {
    end: 'low' | 'high';
    shape: Shape;
    onChange: (changed: Partial<Shape>) => void;
}) {
    const { t } = useTranslation();
    const { units } = useJob();
    const hem = shape[end];
    return (
        <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
            <Choice
                label={t(`bent.hem.${end}`)}
                value={hem ? (hem.open ? 'open' : 'closed') : ''}
                none={t('bent.hem.none')}
                options={HEMS.map((value) => ({ value, name: t(`bent.hem.${value}`) }))}
                onChange={(kind) => onChange({ [end]: kind && { length: hem?.length ?? 0.5, open: kind === 'open' } })}
            />
            {hem && (
                <TapeField
                    label={t('bent.deep')}
                    name={t(`bent.deep.${end}`)}
                    value={hem.length}
                    units={units}
                    most={3}
                    onChange={(length) => onChange({ [end]: { ...hem, length } })}
                />
            )}
        </div>
    );
}
