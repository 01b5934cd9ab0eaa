import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { HoldDownSlice } from '../../contracts/hold-down';
import type { JobDocument } from '../../contracts/job';
import { Choice } from '../../bench/Choice';
import { useJob } from '../../job/JobContext';
import { setWind } from './edits';
import { MeasureField } from '../../tape/MeasureField';
import { NumberField } from '../../tape/NumberField';

type Wind = NonNullable<JobDocument['wind']>;
type Pressures = NonNullable<Wind['pressures']>;

const EXPOSURES: NonNullable<Wind['estimate']>['exposure'][] = ['suburban', 'open', 'shore'];
const ZONES = ['field', 'edge', 'corner'] as const;
const UNITS: NonNullable<Pressures['unit']>[] = ['psf', 'kPa'];
const LEVELS: NonNullable<Pressures['level']>[] = ['allowable', 'ultimate'];
/** Where nobody has said how hard the wind blows. */
const MPH = 115;

/** What pulls at the roof: the engineer's pressures, or what a planning estimate goes by. */
export function WindForm({ slice }: { slice: HoldDownSlice }) {
    const { t } = useTranslation();
    const { document, edit, mayChange, units } = useJob();
    const { pressures } = document.wind ?? {};
    const [typed, setTyped] = useState<Pressures>(
        pressures ?? {
            ...(units === 'metric'
                ? { field: 1, edge: 1.7, corner: 2.4, unit: 'kPa' }
                : { field: 20, edge: 35, corner: 50, unit: 'psf' }),
            level: 'allowable',
        },
    );
    return (
        <section aria-label={t('hold.wind')}>
            <h2>{t('hold.wind')}</h2>
            <p style={slice.wind.kind === 'given' ? undefined : { color: 'var(--settleInk)' }}>
                {t(`hold.wind.${slice.wind.kind}`)}
            </p>
            <div className="stack" style={{ gap: 12, marginTop: 8 }}>
                {!pressures && <Estimate slice={slice} />}
                <details open={pressures !== undefined}>
                    <summary>{t('hold.pressures')}</summary>
                    <div className="stack" style={{ gap: 12, marginTop: 8 }}>
                        <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                            {ZONES.map((zone) => (
                                <NumberField
                                    key={zone}
                                    label={t(`hold.pressures.${zone}`)}
                                    value={typed[zone]}
                                    least={0.01}
                                    most={400}
                                    disabled={!mayChange}
                                    onChange={(value) => setTyped((was) => ({ ...was, [zone]: value }))}
                                />
                            ))}
                        </div>
                        <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                            <Choice
                                label={t('hold.unit')}
                                value={typed.unit ?? 'psf'}
                                options={UNITS.map((value) => ({ value, name: value }))}
                                onChange={(unit) => setTyped((was) => ({ ...was, unit }))}
                            />
                            <Choice
                                label={t('hold.level')}
                                value={typed.level ?? 'allowable'}
                                options={LEVELS.map((value) => ({ value, name: t(`hold.level.${value}`) }))}
                                onChange={(level) => setTyped((was) => ({ ...was, level }))}
                            />
                        </div>
                        {(typed.unit ?? 'psf') === 'psf' && (
                            <FormControlLabel
                                label={t('hold.sure')}
                                control={
                                    <Checkbox
                                        checked={typed.sure ?? false}
                                        disabled={!mayChange}
                                        onChange={(_, sure) => setTyped((was) => ({ ...was, sure: sure || undefined }))}
                                    />
                                }
                            />
                        )}
                        {mayChange && (
                            <div className="rowed">
                                <Button variant="contained" onClick={() => edit((d) => setWind(d, 'pressures', typed))}>
                                    {t('hold.use')}
                                </Button>
                                {pressures && (
                                    <Button
                                        variant="outlined"
                                        color="inherit"
                                        onClick={() => edit((d) => setWind(d, 'pressures', undefined))}
                                    >
                                        {t('hold.drop')}
                                    </Button>
                                )}
                            </div>
                        )}
                    </div>
                </details>
            </div>
        </section>
    );
}

/** What a planning estimate goes by, and what it came to. */
function Estimate({ slice }: { slice: HoldDownSlice }) {
    const { t } = useTranslation();
    const { document, edit, mayChange } = useJob();
    const { estimate } = document.wind ?? {};
    const wish = (changed: Partial<NonNullable<Wind['estimate']>>) =>
        edit((d) => setWind(d, 'estimate', { exposure: 'suburban', mph: MPH, ...d.wind?.estimate, ...changed }));
    return (
        <>
            <Choice
                label={t('hold.exposure')}
                value={estimate?.exposure ?? ''}
                none={t('hold.exposure.none')}
                options={EXPOSURES.map((value) => ({ value, name: t(`hold.exposure.${value}`) }))}
                onChange={(exposure) =>
                    exposure ? wish({ exposure }) : edit((d) => setWind(d, 'estimate', undefined))
                }
            />
            {estimate && (
                <div className="rowed" style={{ flexWrap: 'nowrap', alignItems: 'flex-start' }}>
                    <MeasureField
                        label="hold.mph"
                        what="speed"
                        value={estimate.mph}
                        least={60}
                        most={250}
                        disabled={!mayChange}
                        onChange={(mph) => wish({ mph })}
                    />
                    <MeasureField
                        label="hold.feet"
                        what="run"
                        value={estimate.meanHeightFeet ?? slice.wind.feet ?? 15}
                        least={5}
                        most={60}
                        disabled={!mayChange}
                        onChange={(meanHeightFeet) => wish({ meanHeightFeet })}
                    />
                </div>
            )}
            {estimate && (
                <NumberField
                    label={t('hold.kzt')}
                    value={estimate.kzt ?? 1}
                    least={1}
                    most={3}
                    disabled={!mayChange}
                    onChange={(kzt) => wish({ kzt })}
                />
            )}
            {slice.wind.factors.length > 0 && (
                <details>
                    <summary>{t('hold.factors')}</summary>
                    <ul className="plain small">
                        {slice.wind.factors.map((factor) => (
                            <li key={factor}>{factor}</li>
                        ))}
                    </ul>
                </details>
            )}
        </>
    );
}
