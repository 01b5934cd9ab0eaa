import { listed } from '../../words/lists';
import { useTranslation } from 'react-i18next';
import type { DropSlice, WaterFlow, WaterSlice } from '../../contracts/water';
import { Findings } from '../../bench/Findings';
import { useJob } from '../../job/JobContext';
import { setRain } from './edits';
import { Said } from '../../tape/Len';
import { Gutter } from './Gutter';
import { Weather } from './Weather';
import { NumberField } from '../../tape/NumberField';

interface WaterBenchProps {
    slice: WaterSlice;
    path: DropSlice | null;
    onEave: (eave: string) => void;
}

/** The drop that was let fall, and what runs in valleys, behind openings and off the eaves. */
export function WaterBench({ slice, path, onEave }: WaterBenchProps) {
    const { t } = useTranslation();
    const { edit, mayChange, units } = useJob();
    const perInch = units === 'metric' ? 25.4 : 1;
    return (
        <aside className="bench" aria-label={t('bench')}>
            <h1>{t('water.title')}</h1>
            <p className="muted">
                <Said text={slice.said} />
            </p>
            <div style={{ marginTop: 10 }}>
                <NumberField
                    label={t('water.rain', { units })}
                    value={Math.round(slice.intensity * perInch * 100) / 100}
                    least={units === 'metric' ? 3 : 0.1}
                    most={units === 'metric' ? 760 : 30}
                    disabled={!mayChange}
                    onChange={(typed) => edit((d) => setRain(d, typed / perInch))}
                    onEmpty={() => edit((d) => setRain(d, undefined))}
                />
            </div>
            <Weather />
            {path && (
                <section aria-label={path.title} aria-live="polite">
                    <h2>{path.title}</h2>
                    <ol className="plain" data-testid="drop">
                        {path.steps.map((step, i) => (
                            <li key={i}>
                                {step.said}{' '}
                                <span className="muted">
                                    <Said text={step.how} />
                                    {step.over.length > 0 && <>, {t('water.onto', { names: listed(t, step.over) })}</>}
                                </span>
                            </li>
                        ))}
                    </ol>
                    <p className={path.inside ? 'stop' : ''}>{path.end}</p>
                </section>
            )}
            <Flows title={t('water.valleys')} flows={slice.valleys} />
            <Flows title={t('water.openings')} flows={slice.openings} />
            <Flows title={t('water.eaves')} flows={slice.eaves} picked={slice.eave?.id} onPick={onEave} />
            {slice.eave && <Gutter key={slice.eave.id} eave={slice.eave} />}
            <Findings findings={slice.findings} />
            <h2>{t('mind')}</h2>
            <p className="caution">{t('caution.water')}</p>
        </aside>
    );
}

interface FlowsProps {
    title: string;
    flows: WaterFlow[];
    picked?: string;
    onPick?: (id: string) => void;
}

function Flows({ title, flows, picked, onPick }: FlowsProps) {
    if (flows.length === 0) return null;
    return (
        <section aria-label={title}>
            <h2>{title}</h2>
            {flows.map((flow) => {
                const told = (
                    <>
                        <span className="row">
                            <span>{flow.name}</span>
                            <span>{flow.gallons}</span>
                        </span>
                        <span className={`small ${flow.tight ? 'stop' : 'muted'}`}>
                            <Said text={flow.said} />
                        </span>
                    </>
                );
                return onPick ? (
                    <button
                        key={flow.id}
                        type="button"
                        className="card"
                        data-flow={flow.id}
                        aria-pressed={flow.id === picked}
                        onClick={() => onPick(flow.id)}
                    >
                        {told}
                    </button>
                ) : (
                    <div key={flow.id} className="card" data-flow={flow.id}>
                        {told}
                    </div>
                );
            })}
        </section>
    );
}
